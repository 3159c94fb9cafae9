import fc from 'fast-check';
import { evening } from '../testing/evening';
import {
  cookedLamb,
  GUIDANCES,
  happened,
  hours,
  minutes,
  read,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { MINUTE_MS } from '../units';
import { severity } from '.';
import type { FoodEvent } from '../record';

/** From 135 °F on a reading says that the food is hot yet, and its clock has not begun. */
const HOTTEST_COLD_F = 134;
const moment = fc.integer({ min: 0, max: 8 * 24 * 60 }).map(minutes);

describe.each(Object.entries(GUIDANCES))('under %s rulings are monotone:', (_name, guidance) => {
  const worse = (events: readonly FoodEvent[], now: number) => severity(verdict(events, now, { guidance }));

  it('more time never improves one', () => {
    fc.assert(
      fc.property(evening, moment, fc.integer({ min: 0, max: 5000 }), (events, now, more) => {
        // Only what lies before the moment is known at it.
        const known = events.filter((event) => event.at <= now);
        expect(worse(known, now + more * MINUTE_MS)).toBeGreaterThanOrEqual(worse(known, now));
      }),
    );
  });

  it('putting leftovers away later never improves one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.integer({ min: 0, max: 300 }), (first, more) => {
        const story = (after: number) => [
          ...cookedLamb(START, 170),
          happened(minutes(after), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.05 }),
        ];
        expect(worse(story(first + more), hours(20))).toBeGreaterThanOrEqual(worse(story(first), hours(20)));
      }),
    );
  });

  it('a deeper container never improves one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 1, max: 100 }),
        fc.integer({ min: 0, max: 100 }),
        moment,
        (after, depthMm, more, now) => {
          const story = (mm: number) => [
            ...cookedLamb(START, 170),
            happened(minutes(after), 'putAway', { place: 'refrigerator', portions: 2, depthM: mm / 1000 }),
          ];
          const later = Math.max(now, minutes(after));
          expect(worse(story(depthMm + more), later)).toBeGreaterThanOrEqual(worse(story(depthMm), later));
        },
      ),
    );
  });

  it('a warmer reading of cold food never improves one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 34, max: HOTTEST_COLD_F }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 5, max: 2000 }),
        moment,
        (degrees, more, after, now) => {
          const story = (f: number) => [
            ...cookedLamb(START, 170),
            happened(minutes(4), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.1 }),
            read(minutes(after), f),
          ];
          const later = Math.max(now, minutes(after));
          expect(worse(story(Math.min(HOTTEST_COLD_F, degrees + more)), later)).toBeGreaterThanOrEqual(
            worse(story(degrees), later),
          );
        },
      ),
    );
  });

  it('without the readings that vouch for it a food is never ruled better', () => {
    fc.assert(
      fc.property(evening, moment, (events, now) => {
        const known = events.filter((event) => event.at <= now);
        // Warm readings out of the kitchen's heat can only accuse; the target and the cold ones can only vouch.
        const vouching = (event: FoodEvent) =>
          event.type === 'reading' &&
          (event.payload.temperature.value >= 140 || event.payload.temperature.value <= 40);
        const without = known.filter((event) => !vouching(event));
        expect(worse(without, now)).toBeGreaterThanOrEqual(
          Math.min(worse(known, now), severity('cannotTell')),
        );
      }),
    );
  });

  it('an extra reheat never improves one, but for the one rescue of a cooling', () => {
    fc.assert(
      fc.property(evening, moment, (events, now) => {
        const known = [...events.filter((event) => event.at <= now)];
        const last = Math.max(...known.map((event) => event.at), now);
        const again = [
          ...known,
          happened(last, 'cookingStarted'),
          read(last, 170),
          happened(last, 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.03 }),
        ];
        // Food that was not done goes on cooking: that is no reheat.
        const [before, after] = [stateOf(known, guidance), stateOf(again, guidance)];
        // Back at once it is the same cook; read at the mark it may be the one rescue.
        fc.pre(before.cooked && after.reheats > before.reheats);
        expect(worse(again, last)).toBeGreaterThanOrEqual(worse(known, last));
      }),
    );
  });
});

describe('extra care', () => {
  it('is never looser than any school', () => {
    fc.assert(
      fc.property(evening, moment, (events, now) => {
        const known = events.filter((event) => event.at <= now);
        const { care, ...schools } = GUIDANCES;
        const careful = severity(verdict(known, now, { guidance: care }));
        for (const guidance of Object.values(schools))
          expect(careful).toBeGreaterThanOrEqual(severity(verdict(known, now, { guidance })));
      }),
    );
  });
});

describe('a household’s own value', () => {
  it('never improves a ruling', () => {
    const value = (ms: number) => ({ kind: 'duration', limit: 'most', ms }) as const;
    fc.assert(
      fc.property(evening, moment, fc.integer({ min: 1, max: 300 }), (events, now, limit) => {
        const known = events.filter((event) => event.at <= now);
        for (const guidance of Object.values(GUIDANCES)) {
          const own = { ...guidance, own: [{ path: 'bandTime.limit', value: value(limit * MINUTE_MS) }] };
          expect(severity(verdict(known, now, { guidance: own }))).toBeGreaterThanOrEqual(
            severity(verdict(known, now, { guidance })),
          );
        }
      }),
    );
  });
});
