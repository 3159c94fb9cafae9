import fc from 'fast-check';
import { rulesOf } from '../guidance';
import { fahrenheit, MINUTE_MS, SECOND_MS } from '../units';
import {
  isDone,
  isStuffed,
  missingPlaces,
  placeRead,
  placesNeeded,
  placesOf,
  placesStanding,
  withReading,
  type ProbeReading,
} from './probing';
import type { ProbePlace } from '../record';

const food = (form: Parameters<typeof placeRead>[0]['form'], over: object = {}) => ({
  foodKey: 'chicken-thighs',
  parts: [] as string[],
  massKg: 1,
  form,
  ...over,
});
const home = rulesOf('home');
const reading = (
  at: number,
  f: number,
  place: ProbePlace = 'thickest',
  over: Partial<ProbeReading> = {},
) => ({
  at,
  temperature: fahrenheit(f),
  place,
  onHeatSince: 0,
  ...over,
});
const target = (...rows: [f: number, heldMs: number][]) => ({
  kind: 'cookTarget' as const,
  options: rows.map(([f, heldMs]) => ({ at: fahrenheit(f), heldMs })),
  restMs: 0,
});
const passes = (readings: ProbeReading[], ...rows: [number, number][]) =>
  placesStanding(readings, target(...rows)).map(({ place, passed }) => [place, passed]);

describe('where a food is read', () => {
  it('a bird in two places, stuffed in its stuffing too', () => {
    expect(placesNeeded(food('wholeBird'), home)).toEqual({ count: 2, stuffing: false });
    expect(placesNeeded(food('halfBird'), home).count).toBe(2);
    expect(placesNeeded(food('wholeBird', { foodKey: 'turkey-stuffed' }), home)).toEqual({
      count: 2,
      stuffing: true,
    });
    expect(isStuffed(food('wholeBird', { parts: ['bread-stuffing'] }))).toBe(true);
    expect(isStuffed(food('dish', { parts: ['bread-stuffing'] }))).toBe(false);
    expect(placesOf(food('wholeBird', { foodKey: 'turkey-stuffed' }))).toEqual([
      'breast',
      'thigh',
      'wingJoint',
      'stuffing',
    ]);
  });

  it('a joint over two kilograms, and several pieces, in two; all else in one', () => {
    const count = (form: Parameters<typeof food>[0], massKg: number) =>
      placesNeeded(food(form, { massKg }), home).count;
    expect([count('boneInJoint', 2), count('boneInJoint', 2.01), count('bonelessJoint', 2.01)]).toEqual([
      1, 2, 2,
    ]);
    expect([count('pieces', 0.1), count('fillet', 5), count('liquid', 5)]).toEqual([2, 1, 1]);
  });

  it('without a name it is the place that lags most', () => {
    expect(placeRead(food('wholeBird'), undefined)).toBe('breast');
    expect(placeRead(food('wholeBird'), 'thickest')).toBe('breast');
    expect(placeRead(food('pieces'), undefined)).toBe('thickest');
    expect(placeRead(food('dish'), 'thickest')).toBe('centre');
    expect(placeRead(food('wholeBird'), 'thigh')).toBe('thigh');
  });

  it('what is missing is told', () => {
    const standings = placesStanding([reading(1, 170, 'breast')], target([165, 0]));
    const needed = { count: 2, stuffing: true };
    expect(missingPlaces(standings, needed)).toBe(2);
    expect(isDone(standings, needed)).toBe(false);
    expect(isDone(standings, { count: 1, stuffing: false })).toBe(true);
    expect(isDone([], { count: 1, stuffing: false })).toBe(false);
    const stuffing = placesStanding([reading(1, 170, 'stuffing')], target([165, 0]));
    expect(missingPlaces(stuffing, needed)).toBe(2);
  });
});

describe('a place passes', () => {
  it('on reaching the target, by its latest reading on the heat', () => {
    expect(passes([reading(1, 165)], [165, 0])).toEqual([['thickest', true]]);
    expect(passes([reading(1, 165), reading(2, 164.9)], [165, 0])).toEqual([['thickest', false]]);
    expect(passes([reading(1, 165), reading(2, 150, 'thickest', { onHeatSince: null })], [165, 0])).toEqual([
      ['thickest', true],
    ]);
  });

  it('each for itself; the outside in the water is none', () => {
    expect(passes([reading(1, 165), reading(2, 100, 'edge'), reading(3, 30, 'surface')], [165, 0])).toEqual([
      ['thickest', true],
      ['edge', false],
    ]);
  });

  it('held, between readings no further apart than its own time', () => {
    const held = 4 * MINUTE_MS;
    const run = (...at: number[]) =>
      passes(
        at.map((minute) => reading(minute * MINUTE_MS, 145)),
        [145, held],
      );
    expect(run(0, 4)).toEqual([['thickest', true]]);
    expect(run(0, 3)).toEqual([['thickest', false]]);
    expect(run(0, 4.5)).toEqual([['thickest', false]]);
    expect(run(0, 4.5, 8)).toEqual([['thickest', false]]);
    expect(run(0, 4.5, 8.5)).toEqual([['thickest', true]]);
    expect(run(0, 2, 4)).toEqual([['thickest', true]]);
  });

  it('not across a time off the heat, nor off it', () => {
    const off = (onHeatSince: number | null) =>
      passes(
        [reading(0, 145), reading(4 * MINUTE_MS, 145, 'thickest', { onHeatSince })],
        [145, 4 * MINUTE_MS],
      );
    expect(off(0)).toEqual([['thickest', true]]);
    expect(off(2 * MINUTE_MS)).toEqual([['thickest', false]]);
    expect(off(null)).toEqual([['thickest', false]]);
  });

  it('by a thermometer that was watched, as far as it was on the heat', () => {
    const watched = (watchedMs: number, onHeatSince = 0) =>
      passes([reading(MINUTE_MS, 155, 'thickest', { watchedMs, onHeatSince })], [155, 17 * SECOND_MS]);
    expect(watched(17 * SECOND_MS)).toEqual([['thickest', true]]);
    expect(watched(16 * SECOND_MS)).toEqual([['thickest', false]]);
    expect(watched(17 * SECOND_MS, MINUTE_MS - 16 * SECOND_MS)).toEqual([['thickest', false]]);
  });

  it('by one row alone: rows are not added up', () => {
    const rows: [number, number][] = [
      [150, MINUTE_MS],
      [145, 3 * MINUTE_MS],
    ];
    expect(passes([reading(0, 150), reading(30 * SECOND_MS, 150), reading(MINUTE_MS, 149)], ...rows)).toEqual(
      [['thickest', false]],
    );
    expect(passes([reading(0, 150), reading(MINUTE_MS, 149), reading(3 * MINUTE_MS, 145)], ...rows)).toEqual([
      ['thickest', true],
    ]);
  });
});

describe('a probe that is left in', () => {
  const option = fc.record({
    f: fc.constantFrom(130, 145, 158, 165),
    heldS: fc.constantFrom(0, 15, 60, 240),
  });
  const step = fc.record({
    s: fc.constantFrom(1, 5, 15, 20, 61),
    f: fc.integer({ min: 125, max: 170 }),
    place: fc.constantFrom<ProbePlace>('breast', 'thigh', 'surface'),
    onHeatSince: fc.constantFrom(0, 0, 0, 100, null),
    watchedMs: fc.constantFrom(undefined, undefined, 15_000),
  });

  it('fills no log, and every place stands as with all it read, at every reading', () =>
    fc.assert(
      fc.property(
        fc.array(option, { minLength: 1, maxLength: 3 }),
        fc.array(step, { maxLength: 60 }),
        (options, steps) => {
          const goal = target(...options.map(({ f, heldS }): [number, number] => [f, heldS * SECOND_MS]));
          let at = 0;
          const all: ProbeReading[] = [];
          let kept: readonly ProbeReading[] = [];
          for (const { s, f, place, onHeatSince, watchedMs } of steps) {
            at += s * SECOND_MS;
            const next = reading(at, f, place, { onHeatSince, ...(watchedMs && { watchedMs }) });
            all.push(next);
            kept = withReading(kept, next, goal);
            expect(placesStanding(kept, goal)).toEqual(placesStanding(all, goal));
          }
        },
      ),
    ));

  it('keeps two a minute of those that say the same', () => {
    let kept: readonly ProbeReading[] = [];
    for (let s = 0; s < 600; s += 5) kept = withReading(kept, reading(s * SECOND_MS, 120), target([165, 0]));
    expect(kept.length).toBeLessThanOrEqual(12);
    expect(kept.at(-1)!.at).toBe(595 * SECOND_MS);
    for (let s = 0; s < 9; s++) kept = withReading(kept, reading(s, 120), null);
    expect(kept.length).toBeGreaterThanOrEqual(9);
  });
});

describe('the places of each form', () => {
  it.each([
    ['wholeBird', ['breast', 'thigh', 'wingJoint']],
    ['halfBird', ['breast', 'thigh', 'wingJoint']],
    ['fillet', ['thickest', 'edge']],
    ['wholeFish', ['thickest']],
    ['flatPack', ['centre']],
    ['can', ['centre']],
  ] as const)('%s', (form, places) => expect(placesOf(food(form))).toEqual(places));

  it('have a stuffing where any part of the food comes with one', () => {
    expect(isStuffed(food('wholeBird', { parts: ['turkey-stuffed'] }))).toBe(true);
    expect(isStuffed(food('wholeBird', { parts: ['chicken-thighs'] }))).toBe(false);
  });
});

describe('a reading that says the same again', () => {
  const done = target([165, 0]);
  const kept = (goal: ReturnType<typeof target>, ...readings: ProbeReading[]) =>
    readings
      .reduce<readonly ProbeReading[]>((sofar, next) => withReading(sofar, next, goal), [])
      .map(({ at }) => at);
  const S = SECOND_MS;

  it('takes the place of the one before it, of its own place alone', () => {
    expect(kept(done, reading(0, 170), reading(10 * S, 170), reading(20 * S, 170))).toEqual([0, 20 * S]);
    expect(
      kept(done, reading(0, 170), reading(10 * S, 170), reading(20 * S, 170, 'edge'), reading(30 * S, 170)),
    ).toEqual([0, 20 * S, 30 * S]);
    const long = [
      reading(0, 170),
      reading(100 * S, 170, 'edge'),
      reading(110 * S, 170),
      reading(120 * S, 170),
    ];
    expect(kept(done, ...long)).toEqual([0, 100 * S, 110 * S, 120 * S]);
  });

  it('within a minute, to the millisecond, or the shortest time a temperature is held', () => {
    const held = target([150, 30 * S], [145, 90 * S]);
    const three = (last: number) => [reading(0, 170), reading(10 * S, 170), reading(last, 170)];
    expect(kept(done, ...three(60 * S))).toEqual([0, 60 * S]);
    expect(kept(done, ...three(60 * S + 1))).toHaveLength(3);
    expect(kept(held, ...three(30 * S))).toEqual([0, 30 * S]);
    expect(kept(held, ...three(40 * S))).toHaveLength(3);
    // What is reached in no time has no shortest time of its own.
    expect(kept(target([165, 0], [150, 40 * S]), ...three(40 * S))).toEqual([0, 40 * S]);
  });

  it('only where the first and the last of the row say the same of every temperature', () => {
    const two = target([165, 0], [150, 112 * S]);
    expect(kept(done, reading(0, 140), reading(10 * S, 170), reading(20 * S, 171))).toHaveLength(3);
    expect(kept(done, reading(0, 170), reading(10 * S, 140), reading(20 * S, 171))).toHaveLength(3);
    expect(kept(two, reading(0, 155), reading(10 * S, 155), reading(20 * S, 170))).toHaveLength(3);
    expect(kept(two, reading(0, 155), reading(10 * S, 155), reading(20 * S, 158))).toHaveLength(2);
  });

  it('only on one stay on the heat, and where none was watched', () => {
    const later = { onHeatSince: 5 };
    const watched = { watchedMs: 15 * S };
    const at = (n: number, over: Partial<ProbeReading> = {}) => reading(n * S, 170, 'thickest', over);
    expect(kept(done, at(0), at(10), at(20, later))).toHaveLength(3);
    expect(kept(done, at(0), at(10), at(20, watched))).toHaveLength(3);
    expect(kept(done, at(0, watched), at(10), at(20))).toHaveLength(3);
    expect(kept(done, at(0), at(10, watched), at(20))).toHaveLength(3);
  });
});
