import fc from 'fast-check';
import { homeRules } from '../guidance';
import {
  at,
  cookedLamb,
  days,
  frozenLamb,
  happened,
  hours,
  minutes,
  read,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { MINUTE_MS, fahrenheit } from '../units';
import {
  BrokenTrail,
  eventSchema,
  foldEvent,
  foldTrail,
  followsOn,
  judge,
  severity,
  type FoodEvent,
} from '.';

/** Any plausible evening: cooked, read a few times, served, perhaps put away, read again. */
const evening = fc
  .record({
    servedAfter: fc.integer({ min: 0, max: 60 }),
    reads: fc.array(
      fc.record({ after: fc.integer({ min: 1, max: 400 }), degreesF: fc.integer({ min: 34, max: 200 }) }),
      { maxLength: 5 },
    ),
    storedAfter: fc.option(fc.integer({ min: 61, max: 300 })),
    depthM: fc.constantFrom(0.03, 0.05, 0.08, 0.15),
    warmAir: fc.boolean(),
  })
  .map(({ servedAfter, reads, storedAfter, depthM, warmAir }) => {
    const events = [
      ...cookedLamb(START),
      happened(minutes(servedAfter), 'served', warmAir ? { air: fahrenheit(95) } : {}),
      ...reads.map(({ after, degreesF }) => read(minutes(after) + 1, degreesF)),
    ];
    if (storedAfter !== null)
      events.push(happened(minutes(storedAfter), 'putAway', { place: 'refrigerator', portions: 2, depthM }));
    return events;
  });
const moment = fc.integer({ min: 0, max: 8 * 24 * 60 }).map(minutes);
const worse = (events: readonly FoodEvent[], now: number) => severity(verdict(events, now));

describe('rulings are monotone', () => {
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
          ...cookedLamb(START),
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
            ...cookedLamb(START),
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
        fc.integer({ min: 34, max: 130 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 5, max: 2000 }),
        moment,
        (degrees, more, after, now) => {
          const story = (f: number) => [
            ...cookedLamb(START),
            happened(minutes(4), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.1 }),
            read(minutes(after), f),
          ];
          const later = Math.max(now, minutes(after));
          expect(worse(story(Math.min(139, degrees + more)), later)).toBeGreaterThanOrEqual(
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
        const state = stateOf(known.filter((event) => !vouching(event)));
        const without = judge(state, at(now))!;
        expect(severity(without.verdict)).toBeGreaterThanOrEqual(
          Math.min(worse(known, now), severity('cannotTell')),
        );
      }),
    );
  });

  it('an extra reheat never improves one', () => {
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
        expect(worse(again, last)).toBeGreaterThanOrEqual(worse(known, last));
      }),
    );
  });
});

describe('folding', () => {
  it('does not depend on the order of arrival', () => {
    fc.assert(
      fc.property(
        evening.chain((events) =>
          fc.tuple(fc.constant(events), fc.shuffledSubarray(events, { minLength: events.length })),
        ),
        ([events, shuffled]) => {
          expect(stateOf(shuffled)).toEqual(stateOf(events));
        },
      ),
    );
  });

  it('of a prefix, then the rest, is folding all', () => {
    fc.assert(
      fc.property(evening, fc.nat(20), (events, cut) => {
        const sorted = [...events].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
        const prefix = sorted.slice(0, 1 + (cut % sorted.length));
        const rest = sorted.slice(prefix.length);
        expect(rest.reduce((state, event) => foldEvent(state, event, homeRules), stateOf(prefix))).toEqual(
          stateOf(events),
        );
      }),
    );
  });

  it('a correction then its reversal is as if nothing had happened', () => {
    const events = cookedLamb(START);
    const offHeat = events.at(-1)!;
    const correction = happened(minutes(5), 'corrected', { eventId: offHeat.id, at: minutes(-60) });
    const reversal = happened(minutes(6), 'corrected', { eventId: correction.id, withdrawn: true });
    expect(stateOf([...events, correction])).not.toEqual(stateOf(events));
    expect(stateOf([...events, correction, reversal])).toEqual(stateOf(events));
  });

  it('a withdrawn event did not happen; the last correction of an event counts', () => {
    const events = [...cookedLamb(START), happened(minutes(30), 'discarded')];
    const undo = happened(minutes(31), 'corrected', { eventId: events.at(-1)!.id, withdrawn: true });
    expect(stateOf([...events, undo]).stage).toBe('resting');
    const first = happened(minutes(32), 'corrected', { eventId: events.at(-2)!.id, at: minutes(-30) });
    const second = happened(minutes(33), 'corrected', { eventId: events.at(-2)!.id, at: minutes(-10) });
    expect(stateOf([...events, undo, first, second]).cook!.offHeatAt).toBe(minutes(-10));
  });

  it('gives null when the food’s coming was withdrawn, and refuses a trail without beginning', () => {
    const added = frozenLamb();
    expect(
      foldTrail(
        [added, happened(minutes(1), 'corrected', { eventId: added.id, withdrawn: true })],
        homeRules,
      ),
    ).toBeNull();
    expect(() => foldTrail([happened(START, 'thawed')], homeRules)).toThrow(BrokenTrail);
    expect(() =>
      foldTrail([added, { ...happened(minutes(1), 'thawed'), foodId: 'other' }], homeRules),
    ).toThrow(BrokenTrail);
  });

  it('takes an event straight onto a state only when nothing later is known', () => {
    const state = stateOf(cookedLamb(START));
    expect(followsOn(state, happened(minutes(1), 'served', {}))).toBe(true);
    expect(followsOn(state, happened(minutes(-1), 'served', {}))).toBe(false);
    expect(
      followsOn(state, happened(minutes(9), 'corrected', { eventId: state.foodId, withdrawn: true })),
    ).toBe(false);
  });

  it('keeps the days used before freezing', () => {
    const bought = happened(START, 'added', {
      foodKey: 'beef-steak',
      name: 'Steak',
      massKg: 0.5,
      form: 'steak',
      condition: 'fresh',
      place: 'refrigerator',
      since: START,
    });
    const events = [
      bought,
      happened(days(3), 'moved', { place: 'freezer' }),
      happened(days(40), 'thawStarted', { method: 'refrigerator' }),
      happened(days(41), 'thawed'),
    ];
    // Three of its five days were used before: two are left after thawing.
    expect(verdict(events, days(43))).toBe('actBy');
    expect(verdict(events, days(43) + 1)).toBe('discard');
  });
});

describe('events at the border', () => {
  const good = frozenLamb();
  it.each([
    ['weight 0', { massKg: 0 }],
    ['900 kg', { massKg: 900 }],
    ['an unknown food', { foodKey: 'unicorn' }],
    ['an unknown field', { secret: 1 }],
    ['a name of blanks', { name: '   ' }],
  ])('refuse %s', (_what, wrong) => {
    expect(eventSchema.safeParse({ ...good, payload: { ...good.payload, ...wrong } }).success).toBe(false);
  });

  it('refuse a temperature no kitchen has and an unknown type', () => {
    expect(eventSchema.safeParse(read(START, 900)).success).toBe(false);
    expect(eventSchema.safeParse({ ...good, type: 'blessed' }).success).toBe(false);
    expect(eventSchema.parse(good)).toEqual(good);
  });
});
