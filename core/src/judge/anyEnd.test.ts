import fc from 'fast-check';
import { anyFuture, anyLife } from '../testing/anyLife';
import { at, GUIDANCES, happened, read, START, stateOf, verdict } from '../testing/story';
import { DAY_MS, MINUTE_MS } from '../units';
import { foldEvent, foldTrail, type FoodState } from '../trail';
import { judge, severity, type Verdict } from '.';
import { placesOf } from '../clocks';
import type { FoodEvent } from '../record';

const anyGuidance = fc.constantFrom(...Object.values(GUIDANCES));
const later = fc.integer({ min: 0, max: 6 * 24 * 60 }).map((minutes) => minutes * MINUTE_MS);
const endOf = (events: readonly FoodEvent[]) => events.at(-1)!.at;
/** Longer than anything in these lives keeps, and any clock runs. */
const FOR_EVER = 400 * DAY_MS;
const OTHER_ID = '01900000-0000-7000-8000-ffffffffffff';
const asOther = (events: readonly FoodEvent[]): FoodEvent[] =>
  events.map((event) => ({ ...event, foodId: OTHER_ID }) as FoodEvent);

describe('the end of whatever happens to a food (guidance §11.19–29)', () => {
  it('no ruling but “fine” and “throw away” stands for ever', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, (events, guidance) => {
        const settled: readonly Verdict[] = ['fine', 'discard'];
        expect(settled).toContain(verdict(events, endOf(events) + FOR_EVER, { guidance }));
      }),
    );
  });

  it('a lower reading more on the heat never improves its ruling, but where one is asked for', () => {
    const reading = fc.tuple(fc.nat(3), fc.integer({ min: 100, max: 200 }));
    fc.assert(
      fc.property(
        anyLife,
        fc.array(reading, { maxLength: 4 }),
        // Lower than any target there is.
        fc.tuple(fc.nat(3), fc.integer({ min: 40, max: 130 })),
        anyGuidance,
        later,
        (life, readings, [which, below], guidance, wait) => {
          const places = placesOf(stateOf(life, guidance));
          const put = endOf(life) + 1;
          const told = readings.map(([place, f], i) =>
            read(put + (i + 1) * MINUTE_MS, f, 'F', { place: places[place % places.length]! }),
          );
          const events = [...life, happened(put, 'cookingStarted'), ...told];
          const last = endOf(events) + 1;
          const lowest = Math.min(...readings.map(([, f]) => f), below);
          const lower = read(last, lowest - 1, 'F', { place: places[which % places.length]! });
          for (const more of [[], [happened(last + MINUTE_MS, 'offHeat')]]) {
            const now = last + MINUTE_MS + wait;
            const before = verdict([...events, ...more], now, { guidance });
            if (before === 'cannotTell') continue;
            expect(severity(verdict([...events, lower, ...more], now, { guidance }))).toBeGreaterThanOrEqual(
              severity(before),
            );
          }
        },
      ),
    );
  });

  it('put together, two foods are never milder than either', () => {
    fc.assert(
      fc.property(anyLife, anyLife, anyFuture, anyGuidance, later, (one, other, future, guidance, wait) => {
        const when = Math.max(endOf(one), endOf(other)) + 1;
        const [a, b] = [stateOf(one, guidance), foldTrail(asOther(other), guidance)!];
        // In the same place, so that putting it there is no help of its own, and neither gone.
        fc.pre(a.place === b.place && a.place !== 'gone' && a.sealed === b.sealed);
        const joined = [...one, happened(when, 'joined', { with: OTHER_ID })];
        const both = foldTrail(joined, guidance, new Map([[OTHER_ID, asOther(other)]]))!;
        const after = future(when);
        // On the heat the whole has its first cook, where the cooked part alone would be heated again.
        fc.pre(a.cooked === b.cooked || !after.some(({ type }) => type === 'cookingStarted'));
        const now = (after.at(-1)?.at ?? when) + wait;
        const goesOn = (food: FoodState) =>
          severity(
            judge(
              after.reduce((state, event) => foldEvent(state, event, guidance), food),
              at(now, { guidance }),
            )!.verdict,
          );
        const told = goesOn(both);
        for (const each of [a, b]) {
          const opened = foldEvent(
            each,
            happened(when, each.sealed ? 'opened' : 'note', { text: 'as it is' }),
            guidance,
          );
          expect(told).toBeGreaterThanOrEqual(goesOn(opened));
        }
      }),
    );
  });

  it('it does not matter in which order several places are read', () => {
    const places = fc.shuffledSubarray(['breast', 'thigh', 'wingJoint', 'stuffing'] as const, {
      minLength: 1,
    });
    fc.assert(
      fc.property(
        places,
        fc.array(fc.integer({ min: 130, max: 180 }), { minLength: 4, maxLength: 4 }),
        anyGuidance,
        fc.nat(23),
        (order, degrees, guidance, turn) => {
          const bird = [
            happened(START, 'added', {
              foodKey: 'turkey-stuffed',
              name: 'Bird',
              massKg: 5,
              form: 'wholeBird',
              condition: 'fresh',
              place: 'refrigerator',
              since: START,
            }),
            happened(START + MINUTE_MS, 'cookingStarted'),
          ];
          const last = START + 200 * MINUTE_MS;
          const readings = order.map((place, i) => [place, degrees[i]!] as const);
          const turned = [
            ...readings.slice(turn % readings.length),
            ...readings.slice(0, turn % readings.length),
          ];
          const story = (told: typeof readings) => [
            ...bird,
            ...told.map(([place, f], i) => read(last + i, f, 'F', { place })),
            happened(last + MINUTE_MS, 'offHeat'),
          ];
          const now = last + 2 * MINUTE_MS;
          expect(verdict(story(turned), now, { guidance })).toBe(verdict(story(readings), now, { guidance }));
        },
      ),
    );
  });

  it('the same entry twice changes nothing, in any fold', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, fc.nat(), (events, guidance, which) => {
        const whole = foldTrail(events, guidance)!;
        const twice = events[which % events.length]!;
        expect(foldTrail([...events, twice], guidance)).toEqual(whole);
        expect(foldTrail([twice, ...events], guidance)).toEqual(whole);
        expect(foldEvent(whole, events.at(-1)!, guidance)).toEqual(whole);
      }),
    );
  });
});
