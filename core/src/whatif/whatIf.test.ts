import { homeRules } from '../guidance';
import { cookedLamb, days, happened, hours, leftovers, minutes, START, verdict } from '../testing/story';
import { celsius, HOUR_MS } from '../units';
import type { FoodEvent } from '../record';
import { whatIf, type Change } from '.';

const stored = [
  ...cookedLamb(START),
  happened(minutes(70), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.03 }),
];
const ruledIf = (events: readonly FoodEvent[], change: Change, now: number) => {
  const history = whatIf(events, change, now, homeRules);
  return history && verdict(history, now);
};

describe('what if', () => {
  it('it had been left out another hour', () => {
    expect(verdict(stored, hours(5))).toBe('fine');
    expect(ruledIf(stored, { kind: 'leftOut', ms: HOUR_MS }, hours(5))).toBe('discard');
    expect(ruledIf(stored, { kind: 'leftOut', ms: HOUR_MS / 2 }, hours(5))).toBe('fine');
  });
  it('its shelf had been at 9 °C', () => {
    expect(ruledIf(stored, { kind: 'warmStore', air: celsius(9) }, hours(20))).toBe('discard');
    expect(ruledIf(stored, { kind: 'warmStore', air: celsius(4) }, hours(20))).toBe('fine');
  });
  it('it had been frozen in time', () => {
    expect(verdict(stored, days(6))).toBe('discard');
    expect(ruledIf(stored, { kind: 'frozenAt', at: days(1) }, days(6))).toBe('fine');
    expect(ruledIf(stored, { kind: 'frozenAt', at: days(9) }, days(6))).toBeNull();
  });
  it('one entry had not happened', () => {
    const reading = stored.find(({ type }) => type === 'reading')!;
    expect(ruledIf(stored, { kind: 'without', eventId: reading.id }, hours(3))).toBe('cannotTell');
    expect(ruledIf(stored, { kind: 'without', eventId: 'nothing' }, hours(5))).toBeNull();
  });
  it('has no place for what never went into the cold', () =>
    expect(ruledIf([leftovers(START)], { kind: 'leftOut', ms: HOUR_MS }, hours(5))).toBeNull());
  it('records nothing: the history itself stays as it is', () => {
    const before = JSON.stringify(stored);
    whatIf(stored, { kind: 'leftOut', ms: HOUR_MS }, hours(5), homeRules);
    expect(JSON.stringify(stored)).toBe(before);
  });
});
