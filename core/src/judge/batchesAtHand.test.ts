import fc from 'fast-check';
import { anyLife } from '../testing/anyLife';
import {
  at,
  comes,
  cookedLamb,
  days,
  GUIDANCES,
  hours,
  minutes,
  moved,
  putAway,
  raw,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { MINUTE_MS } from '../units';
import { batchesAtHand, severity } from '.';

type Events = Parameters<typeof stateOf>[0];
const left = (events: Events, now: number, guidance = GUIDANCES.home) =>
  batchesAtHand([stateOf(events, guidance)], at(now, { guidance }))[0]?.keepsMs ?? null;
const stew: Events = [...cookedLamb(START, 170), putAway(minutes(40))];

describe('a batch that is kept and frozen', () => {
  it('is what was cooked and chilled in time, for the days it has left', () => {
    const [later, sooner] = [left(stew, days(2))!, left(stew, days(1))!];
    expect(sooner - later).toBe(days(2) - days(1));
    expect(left(stew, days(6))).toBeNull();
  });

  it('is nothing raw, frozen, on the table, or heated before', () => {
    expect(left([raw()], hours(1))).toBeNull();
    expect(left([...stew, moved(hours(2), 'freezer')], hours(3))).toBeNull();
    expect(left([...stew, moved(hours(2), 'table')], hours(2))).toBeNull();
    const heated = comes('lentil-soup', { condition: 'cooked', reheatedBefore: true });
    expect(left([heated], hours(1))).toBeNull();
    expect(left([comes('milk', { condition: 'cooked' })], hours(1))).toBeNull();
  });

  it('is nothing that is thrown away, eaten now, or nobody can tell of; and of any life the days run down by the clock', () =>
    fc.assert(
      fc.property(
        anyLife,
        fc.nat(9000),
        fc.nat(3000),
        fc.constantFrom(...Object.values(GUIDANCES)),
        (events, wait, more, guidance) => {
          const now = events.at(-1)!.at + wait * MINUTE_MS;
          const keepsMs = left(events, now, guidance);
          if (severity(verdict(events, now, { guidance })) >= severity('useNow')) expect(keepsMs).toBeNull();
          if (keepsMs === null) return;
          expect(keepsMs).toBeGreaterThan(0);
          const later = left(events, now + more * MINUTE_MS, guidance);
          if (later !== null) expect(later).toBeCloseTo(keepsMs - more * MINUTE_MS, 3);
        },
      ),
    ));
});
