import fc from 'fast-check';
import { rulesFor } from '../guidance';
import {
  days,
  frozenLamb,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  METRIC,
  minutes,
  read,
  rule,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { HOUR_MS, MINUTE_MS } from '../units';
import { bandTime } from '../clocks';
import { eventWords, type FoodEvent, type Payload } from '../record';
import { severity } from '../judge';

const off = (since: number, over: Partial<Payload<'powerOff'>> = {}): FoodEvent =>
  happened(since, 'powerOff', { since, freezer: 'full', ...over });
const on = (at: number): FoodEvent => happened(at, 'powerOn');
const soup = leftovers(START);
const lamb = frozenLamb();
const inFreezer = (over: Partial<Payload<'powerOff'>>) => [lamb, off(START, over)];

/** When the ruling first asks more than to be read by a time. */
const doubtAt = (events: FoodEvent[], guidance = GUIDANCES.home) => {
  let [early, late] = [START, days(3)];
  while (late - early > 1) {
    const mid = Math.floor((early + late) / 2);
    if (severity(verdict(events, mid, { guidance })) >= severity('cannotTell')) late = mid;
    else early = mid;
  }
  return late;
};
describe('a power cut (guidance §12)', () => {
  it.each<[string, FoodEvent[], number]>([
    ['a refrigerator kept closed is cold for 4 h, and then the 2 h of the band', [soup, off(START)], 6],
    ['one that was opened counts from the start', [soup, off(START, { opened: ['refrigerator'] })], 2],
    ['opening the freezer says nothing of the refrigerator', [soup, off(START, { opened: ['freezer'] })], 6],
    ['a full freezer is cold for 48 h', inFreezer({}), 50],
    ['half full, for 24 h', inFreezer({ freezer: 'half' }), 26],
    ['less than half full, nobody says: as a refrigerator', inFreezer({ freezer: 'less' }), 6],
    ['a freezer that was opened counts from the start', inFreezer({ opened: ['freezer'] }), 2],
    [
      'opened in the second hour, as soon as it is said',
      [
        soup,
        off(START),
        happened(hours(1.5), 'powerOff', { since: START, freezer: 'full', opened: ['refrigerator'] }),
      ],
      2,
    ],
    [
      'said again as closed, it stays opened',
      [soup, off(START, { opened: ['refrigerator'] }), off(START)],
      2,
    ],
    [
      'said to begin in the future, it begins when it was said',
      [soup, happened(START, 'powerOff', { since: days(1), freezer: 'full' })],
      6,
    ],
    ['read cold in the third hour, it changes nothing', [soup, off(START), read(hours(3), 38)], 6],
    ['read cold in the fifth hour, it counts from there', [soup, off(START), read(hours(5), 38)], 7],
    [
      'with ice in it in the fifth hour, it counts from there',
      [soup, off(START), happened(hours(5), 'iceSeen')],
      7,
    ],
    [
      'its air read warm in the first hour, it counts from there',
      [soup, off(START), happened(hours(1), 'storeWarm', { since: minutes(30) })],
      2.5,
    ],
    [
      'its air right again, the power still off',
      [
        soup,
        off(START),
        happened(hours(1), 'storeWarm', { since: minutes(30) }),
        happened(minutes(90), 'storeRight'),
      ],
      5,
    ],
    [
      'put out and back in while it is off, told anew',
      [
        soup,
        off(START),
        happened(minutes(1), 'moved', { place: 'counter' }),
        happened(minutes(2), 'moved', { place: 'refrigerator' }),
        happened(minutes(2), 'powerOff', { since: START, freezer: 'full', opened: ['refrigerator'] }),
      ],
      2,
    ],
  ])('%s', (_, events, afterHours) => {
    const by = START + afterHours * HOUR_MS;
    expect(verdict(events, by - MINUTE_MS)).toBe('actBy');
    expect(Math.abs(doubtAt(events) - by)).toBeLessThanOrEqual(MINUTE_MS + 1);
  });

  it.each(Object.keys(GUIDANCES) as (keyof typeof GUIDANCES)[])(
    'under %s, what nobody reads in the time it may be warm is thrown away',
    (id) => {
      const guidance = GUIDANCES[id];
      const { limit, chillAgain } = rulesFor(guidance).bandTime;
      const limitMs = limit.value.ms;
      // From when it may be too late to chill it, the question stands for as long as food may be out.
      const overdue = hours(4) + Math.min(limitMs, chillAgain.value.ms) + limitMs;
      const asked = hours(4) + limitMs;
      expect(verdict([soup, off(START)], asked + 1, { guidance })).toBe('cannotTell');
      expect(verdict([soup, off(START)], overdue, { guidance })).toBe('cannotTell');
      expect(verdict([soup, off(START)], overdue + 1, { guidance })).toBe('discard');
    },
  );

  it('that is over before the store got warm leaves nothing', () => {
    const { spell, exposures } = stateOf([soup, off(START), on(hours(4))]);
    expect([spell, exposures]).toEqual([null, []]);
    expect(verdict([soup, off(START), on(hours(4))], days(1))).toBe(verdict([soup], days(1)));
  });

  it('that was longer counts what was past its hours', () => {
    const state = stateOf([soup, off(START), on(hours(5))]);
    expect(bandTime(state.exposures, 'cooked', days(1)).allMs).toBe(HOUR_MS);
  });

  it('that is over leaves a store whose air is still too warm as it is', () => {
    const warm = [soup, off(START), happened(hours(1), 'storeWarm', { since: START }), on(minutes(90))];
    expect(stateOf(warm).spell).toEqual({ warmFrom: START, power: null });
    expect(verdict(warm, minutes(120) + 1)).toBe('cannotTell');
    const right = [...warm, happened(minutes(100), 'storeRight')];
    expect(stateOf(right).spell).toBeNull();
    expect(bandTime(stateOf(right).exposures, 'cooked', days(1)).allMs).toBe(100 * MINUTE_MS);
  });

  it('says nothing of food that stands elsewhere', () => {
    const out = [soup, happened(minutes(1), 'moved', { place: 'counter' })];
    expect(stateOf([...out, off(minutes(2))]).spell).toBeNull();
    expect(stateOf([soup, off(START), happened(minutes(1), 'moved', { place: 'counter' })]).spell).toBeNull();
    expect(stateOf([soup, happened(START, 'storeRight'), on(START)]).exposures).toEqual([]);
  });

  it('goes on for a deep pot that has read cold', () => {
    const pot = [
      leftovers(START),
      happened(START, 'cookingStarted'),
      happened(minutes(20), 'offHeat'),
      happened(minutes(30), 'putAway', { place: 'refrigerator', portions: 4, depthM: 0.2 }),
      off(minutes(40)),
      read(hours(2), 38),
    ];
    expect(stateOf(pot).exposures.at(-1)).toMatchObject({ spell: 'power', from: minutes(40) + 4 * HOUR_MS });
  });

  it('leaves a closed can as it is, and counts once it is opened', () => {
    const can = happened(START, 'added', {
      foodKey: 'sardines-opened',
      name: 'Can',
      massKg: 0.2,
      form: 'pieces',
      condition: 'cooked',
      place: 'cupboard',
      since: null,
    });
    const closed = [can, happened(minutes(1), 'moved', { place: 'refrigerator' }), off(minutes(2))];
    expect(stateOf(closed)).toMatchObject({ sealed: true, exposures: [] });
    expect(verdict(closed, days(2))).toBe('fine');
    const opened = [...closed, happened(hours(9), 'opened')];
    expect(stateOf(opened).exposures).toMatchObject([{ spell: 'power', from: hours(9) }]);
    expect(stateOf([can, off(minutes(2))]).spell).toBeNull();
    expect(stateOf([...closed, happened(minutes(3), 'moved', { place: 'cupboard' })]).spell).toBeNull();
    expect(
      stateOf([...closed, happened(minutes(3), 'moved', { place: 'refrigerator', shelf: 'top' })]).spell,
    ).not.toBeNull();
  });

  it('ice says nothing of food that was read warm, nor of any while the store is right', () => {
    const warm = [soup, off(START, { opened: ['refrigerator'] }), read(hours(1), 60)];
    expect(stateOf([...warm, happened(hours(1.5), 'iceSeen')]).exposures).toEqual(stateOf(warm).exposures);
    expect(stateOf([soup, happened(hours(1), 'iceSeen')]).lastGood).toBeNull();
  });

  it('a portion of what is in it goes on counting as the whole', () => {
    const part = stateOf([soup, off(START)]);
    expect(part.exposures).toHaveLength(1);
    expect(stateOf([soup, off(START), happened(hours(1), 'labelled')]).exposures).toEqual(part.exposures);
  });

  it('names the rule it goes by, and what is left of it', () => {
    const { reasons, because } = rule([soup, off(START)], hours(1));
    expect(because).toBe('The power is off. Kept closed, the refrigerator stays cold until 21:00.');
    expect(reasons.find(({ ruleId }) => ruleId === 'home.powerCut.refrigerator')).toEqual({
      label: 'Refrigerator kept closed stays cold',
      value: '3 h left',
      detail: 'The power is off since 17:00; cold until 21:00',
      ruleId: 'home.powerCut.refrigerator',
    });
    expect(rule([soup, off(START)], hours(5)).because).toBe('The power is off. 4 °C or less settles it.');
    expect(rule(inFreezer({ freezer: 'half' }), hours(25)).because).toBe(
      'The power is off. 4 °C or less, or ice in it, settles it.',
    );
  });

  it('is told in its history', () => {
    const words = [off(hours(1)), on(hours(2)), happened(hours(3), 'iceSeen')].map((event) =>
      eventWords(event, { units: METRIC, zone: 'UTC' }),
    );
    expect(words).toEqual(['The power is off since 18:00', 'The power is back', 'Still has ice in it']);
  });

  it('opened, a longer one, an emptier freezer never improve a ruling', () => {
    const fill = fc.constantFrom('full' as const, 'half' as const, 'less' as const);
    const order = ['full', 'half', 'less'];
    fc.assert(
      fc.property(
        fc.constantFrom(soup, lamb),
        fc.constantFrom(...Object.values(GUIDANCES)),
        fill,
        fill,
        fc.nat(300),
        fc.nat(300),
        fc.boolean(),
        fc.nat(80 * 60),
        (food, guidance, one, other, start, earlier, opened, wait) => {
          const [fuller, emptier] = [one, other].sort((a, b) => order.indexOf(a) - order.indexOf(b));
          const now = minutes(700 + wait);
          const at = (since: number, freezer: 'full' | 'half' | 'less', open: boolean) =>
            severity(
              verdict(
                [
                  food,
                  off(minutes(since), { freezer, ...(open && { opened: ['refrigerator', 'freezer'] }) }),
                ],
                now,
                { guidance },
              ),
            );
          expect(at(start, emptier!, opened)).toBeGreaterThanOrEqual(at(start + earlier, fuller!, false));
        },
      ),
    );
  });
});
