import { rulesOf, type RuleSetId } from '../guidance';
import { GUIDANCES, hours, leftovers, minutes, moved, raw, START, stateOf } from '../testing/story';
import { HOUR_MS } from '../units';
import type { Place } from '../record';
import { chillLimit, isEatenCold, tooLateToChill } from './chillAgain';

const soup = leftovers(START);
const limitOf = (id: RuleSetId, ...events: Parameters<typeof stateOf>[0]) =>
  chillLimit(stateOf(events, GUIDANCES[id]), rulesOf(id));
const rice = raw({ foodKey: 'cooked-rice', condition: 'cooked' });

describe('until when food may go back into the cold', () => {
  it('is the school’s own time, and rice’s own hour where that is shorter', () => {
    const { chillAgain } = rulesOf('chain').bandTime;
    expect(limitOf('chain', soup)).toEqual({
      rule: chillAgain,
      ms: 2 * HOUR_MS,
      inclusive: false,
      served: true,
    });
    expect(limitOf('chain', rice)).toMatchObject({
      rule: rulesOf('chain').cooling.rice,
      ms: HOUR_MS,
      inclusive: true,
    });
    expect(
      limitOf('chain', raw({ foodKey: 'fish-pie', parts: ['cooked-rice'], condition: 'cooked' })).ms,
    ).toBe(HOUR_MS);
  });

  it('raw food, and rice of a school without such an hour, go by the school’s time', () => {
    expect(limitOf('chain', raw()).rule).toBe(rulesOf('chain').bandTime.chillAgain);
    const { chillAgain } = rulesOf('home').bandTime;
    const { rice: hour } = rulesOf('home').cooling;
    expect(limitOf('home', rice).ms).toBe(Math.min(chillAgain.value.ms, hour.value.ms));
    if (hour.value.ms >= chillAgain.value.ms) expect(limitOf('home', rice).rule).toBe(chillAgain);
  });
});

describe('cold food that is put out to eat', () => {
  const eaten = (id: RuleSetId, place: Place, over: object = {}) => {
    const state = { ...stateOf([soup], GUIDANCES[id]), place };
    const exposure = {
      ledger: 'cooked',
      from: START,
      to: null,
      factor: 1,
      place,
      side: 'cold',
      startFixed: false,
      certain: true,
      asked: START,
      ...over,
    } as const;
    return isEatenCold(exposure, state, limitOf(id, soup));
  };

  it.each([
    ['on the table', 'table', {}, true],
    ['outdoors', 'outdoors', {}, true],
    ['on the counter, where it is not eaten', 'counter', {}, false],
    ['hot', 'table', { side: 'hot' }, false],
    ['hot, and out of the cold before it had cooled', 'table', { side: 'hot', fromCold: true }, true],
    ['no more', 'table', { to: hours(1) }, false],
  ] as const)('does not go back under the code: %s', (_, place, over, expected) =>
    expect(eaten('code', place, over)).toBe(expected),
  );

  it('goes back where the school lets it', () => expect(eaten('home', 'table')).toBe(false));
});

describe('food put into the cold', () => {
  const late = (id: RuleSetId, at: number, ...events: Parameters<typeof stateOf>[0]) =>
    tooLateToChill(stateOf(events, GUIDANCES[id]), at, rulesOf(id));
  const out = [soup, moved(START, 'counter')];
  it('is late once its time is over, and past all limits it is no more', () => {
    expect(late('chain', hours(2) - 1, ...out)).toBe(false);
    expect(late('chain', hours(2), ...out)).toBe(true);
    expect(late('chain', hours(4), ...out)).toBe(true);
    expect(late('chain', hours(4) + 1, ...out)).toBe(false);
    expect(late('chain', minutes(60), rice, moved(START, 'counter'))).toBe(false);
    expect(late('chain', minutes(60) + 1, rice, moved(START, 'counter'))).toBe(true);
    expect(late('code', minutes(1), soup, moved(START, 'table'))).toBe(true);
    expect(late('home', hours(2), ...out)).toBe(false);
  });
});
