import fc from 'fast-check';
import { warmestAir } from '../clocks';
import { careRules, chainRules, codeRules, homeRules } from '../guidance';
import { trailingMean } from '../thermal';
import { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS, toCelsius } from '../units';
import {
  airTurns,
  limitsC,
  lineOf,
  partsOf,
  readLines,
  storeFacts,
  thinned,
  TOLERANCE_K,
  type Read,
} from '.';

const NOW = Date.parse('2026-06-13T17:02:10Z');

describe('lines of a device', () => {
  it('are readings, with the moment they arrive where they name none', () => {
    const { readings, refused } = readLines(
      '{"at":"2026-06-13T19:02:09+02:00","channel":"a","celsius":61.4,"battery":0.8}\n\n{"celsius":-18}\r\n',
      NOW,
    );
    expect(refused).toEqual([]);
    expect(readings).toEqual([
      { channel: 'a', at: NOW - SECOND_MS, celsius: 61.4, battery: 0.8 },
      { channel: '1', at: NOW, celsius: -18 },
    ]);
  });

  it.each([
    ['hot', 'JSON'],
    ['{"celsius":"3"}', 'celsius'],
    ['{"celsius":1e999}', 'celsius'],
    ['{"celsius":500}', 'celsius'],
    ['{"celsius":null}', 'celsius'],
    ['{"celsius":3,"at":"yesterday"}', 'at:'],
    ['{"celsius":3,"at":"2026-06-13T19:02:09"}', 'at:'],
    ['{"celsius":3,"at":"2026-06-13T17:02:11Z"}', 'not happened'],
    ['{"celsius":3,"channel":"a b"}', 'channel'],
    ['[3]', 'The line'],
    ['null', 'The line'],
  ])('that cannot be read take no other with them: %s', (line, why) => {
    const { readings, refused } = readLines(`{"celsius":4}\n${line}\n{"celsius":5}`, NOW);
    expect(readings.map(({ celsius }) => celsius)).toEqual([4, 5]);
    expect(refused).toEqual([{ line: 2, sentence: expect.stringContaining(why) as string }]);
  });

  it('are read as they were written', () => {
    const reading = { channel: '2', at: NOW - 1, celsius: 3.25, battery: 0.5 };
    expect(readLines(lineOf(reading), NOW).readings).toEqual([reading]);
  });
});

/** What a channel may read: steps, ramps, noise and spikes, at any distance in time. */
const anyReadings = fc
  .array(
    fc.record({ after: fc.integer({ min: 1, max: 40 * MINUTE_MS }), by: fc.integer({ min: -60, max: 60 }) }),
    { minLength: 1, maxLength: 120 },
  )
  .map((steps) => {
    let [at, tenths] = [NOW, 40];
    return steps.map(({ after, by }): Read => {
      at += after;
      tenths = Math.max(
        -300,
        Math.min(1000, Math.abs(by) > 40 ? tenths + by * 5 : tenths + Math.round(by / 20)),
      );
      return { at, celsius: tenths / 10 };
    });
  });

describe('what is kept of a curve', () => {
  const limits = limitsC(homeRules);
  const crossings = (readings: readonly Read[], limit: number) =>
    readings.slice(1).flatMap((b, i) => {
      const a = readings[i]!;
      return a.celsius > limit !== b.celsius > limit ? [[a, b]] : [];
    });

  it('loses no crossing of a limit, no extreme, and nothing further off than the tolerance', () => {
    fc.assert(
      fc.property(anyReadings, (readings) => {
        const kept = thinned(readings, limits);
        for (const limit of limits) expect(crossings(kept, limit)).toEqual(crossings(readings, limit));
        const ofAll = (of: (...all: number[]) => number) => (from: readonly Read[]) =>
          of(...from.map(({ celsius }) => celsius));
        for (const extreme of [ofAll(Math.max), ofAll(Math.min)])
          expect(extreme(kept)).toBe(extreme(readings));
        let i = 0;
        for (const { at, celsius } of readings) {
          while (kept[i + 1] && kept[i + 1]!.at <= at) i += 1;
          const [a, b] = [kept[i]!, kept[i + 1] ?? kept[i]!];
          const share = b === a ? 0 : (at - a.at) / (b.at - a.at);
          expect(Math.abs(a.celsius + share * (b.celsius - a.celsius) - celsius)).toBeLessThanOrEqual(
            TOLERANCE_K + 1e-9,
          );
        }
      }),
    );
  });

  it('is little of a quiet refrigerator', () => {
    const swing = Array.from({ length: 24 * 60 }, (_, minute): Read => {
      const phase = (minute % 45) / 45;
      const c = phase < 0.4 ? 4.2 - (phase / 0.4) * 1.6 : 2.6 + ((phase - 0.4) / 0.6) * 1.6;
      return { at: NOW + minute * MINUTE_MS, celsius: Math.round(c * 10) / 10 };
    });
    expect(thinned(swing, limits).length).toBeLessThan((24 * 60) / 5);
  });
});

/** Air as it was, a reading a minute. */
const air = (from: number, ...spans: readonly (readonly [minutes: number, celsius: number])[]): Read[] => {
  let at = from;
  return spans.flatMap(([minutes, celsius]) =>
    Array.from({ length: minutes }, () => ({ at: (at += MINUTE_MS) - MINUTE_MS, celsius })),
  );
};
const upTo = (limit: number) => (celsius: number) => celsius <= limit;

describe('when the air of a store is too warm', () => {
  it('not for its thermostat’s swing, nor for a door', () => {
    const swing = Array.from(
      { length: 12 },
      () =>
        [
          [15, 2.8],
          [15, 4.2],
        ] as const,
    ).flat();
    expect(airTurns(air(NOW, ...swing), upTo(4)).filter(({ right }) => !right)).toEqual([]);
    expect(airTurns(air(NOW, [60, 3], [4, 9], [60, 3]), upTo(5)).every(({ right }) => right)).toBe(true);
  });

  it('from the beginning of the time whose mean is too warm, until a mean is right again', () => {
    const turns = airTurns(air(NOW, [60, 3], [60, 8], [60, 3]), upTo(4));
    const warm = turns.findIndex(({ right }) => !right);
    const since = turns[warm - 1]!;
    expect(since.right).toBe(true);
    // It warmed after 60 min: said of the 20 min before, never of later than it was.
    expect(since.at).toBeLessThanOrEqual(NOW + 60 * MINUTE_MS);
    expect(since.at).toBeGreaterThan(NOW + 40 * MINUTE_MS);
    expect(turns[warm + 1]).toMatchObject({ right: true });
    expect(turns[warm + 1]!.at).toBeGreaterThanOrEqual(NOW + 120 * MINUTE_MS);
  });

  it('nothing is said before it was read for as long, and across a silence', () => {
    expect(airTurns(air(NOW, [19, 9]), upTo(4))).toEqual([]);
    const later = NOW + 5 * HOUR_MS;
    const turns = airTurns([...air(NOW, [60, 3]), ...air(later, [60, 9])], upTo(4));
    expect(turns.at(-1)).toMatchObject({ right: false });
    // Cold was last seen when the first stretch ended.
    expect(turns.findLast(({ right }) => right)!.at).toBe(NOW + 59 * MINUTE_MS);
  });

  it('warmer air never shortens what is too warm, and what is told is told in order', () => {
    fc.assert(
      fc.property(anyReadings, fc.integer({ min: 0, max: 50 }), (readings, more) => {
        const warmMs = (turns: readonly { readonly at: number; readonly right: boolean }[]) =>
          turns.reduce(
            (sum, { at, right }, i) => (right ? sum : sum + ((turns[i + 1]?.at ?? readings.at(-1)!.at) - at)),
            0,
          );
        const turns = airTurns(readings, upTo(4));
        const warmer = airTurns(
          readings.map(({ at, celsius }) => ({ at, celsius: celsius + more / 10 })),
          upTo(4),
        );
        expect(warmMs(warmer)).toBeGreaterThanOrEqual(warmMs(turns));
        turns.forEach(({ at }, i) => expect(at).toBeGreaterThan(turns[i - 1]?.at ?? -Infinity));
      }),
    );
  });
});

it('a trailing mean is the exact one of straight lines, and as it always was for one point', () => {
  expect(trailingMean([0], [7], 5)).toEqual([7]);
  // A ramp from 0 to 10 in 10 s: over its last 4 s it is 8, at most.
  const t = Array.from({ length: 11 }, (_, i) => i);
  expect(trailingMean(t, t, 4).at(-1)).toBeCloseTo(8, 12);
  expect(trailingMean([0, 10], [0, 10], 4).at(-1)).toBeCloseTo(8, 12);
  expect(trailingMean(t, t, 100).at(-1)).toBeCloseTo(5, 12);
});

describe('the record of a store', () => {
  it('its mean, what was above the rule, its spells and its doors', () => {
    const limit = toCelsius(warmestAir('refrigerator', homeRules));
    const facts = storeFacts(
      'refrigerator',
      air(NOW, [300, 2.5], [3, 6], [300, 2.5], [90, limit + 3], [300, 2.5]),
      homeRules,
    )!;
    expect(facts.meanC).toBeGreaterThan(2.5);
    expect(facts.meanC).toBeLessThan(4);
    expect(facts.aboveMs / MINUTE_MS).toBeCloseTo(93, -1);
    expect(facts.spells).toHaveLength(1);
    expect(facts.spells[0]!.from).toBeLessThanOrEqual(NOW + 603 * MINUTE_MS);
    expect(facts.spells[0]!.to).toBeGreaterThanOrEqual(NOW + 693 * MINUTE_MS);
    expect(facts.doors).toHaveLength(2);
    expect(facts.set).toBeNull();
    expect(storeFacts('refrigerator', [{ at: NOW, celsius: 3 }], homeRules)).toBeNull();
  });

  it('a spell that goes on has no end', () =>
    expect(storeFacts('freezer', air(NOW, [60, -18], [90, 9]), homeRules)!.spells).toEqual([
      { from: expect.any(Number) as number, to: null },
    ]));

  it.each([homeRules, codeRules, chainRules, careRules])(
    'one step colder near its rule, warmer where things freeze',
    (rules) => {
      const limit = toCelsius(warmestAir('refrigerator', rules));
      const set = (celsius: number) => storeFacts('refrigerator', air(NOW, [600, celsius]), rules)!.set;
      expect(set(limit - 0.2)).toBe('colder');
      expect(set(limit + 2)).toBe('colder');
      expect(set(2.5)).toBeNull();
      expect(set(0)).toBe('warmer');
    },
  );

  it('a freezer that grows warmer says so days before, one that swings does not', () => {
    const days = (celsiusOf: (day: number) => number) =>
      Array.from({ length: 7 * 24 }, (_, hour) => ({
        at: NOW + hour * HOUR_MS,
        celsius: celsiusOf(hour / 24) + Math.sin(hour),
      }));
    const { trend } = storeFacts(
      'freezer',
      days((day) => -22 + 0.5 * day),
      homeRules,
    )!;
    expect(trend!.perDayK).toBeCloseTo(0.5, 1);
    const inDays = (at: number) => (at - NOW) / DAY_MS;
    expect(inDays(trend!.passesAt)).toBeGreaterThan(7);
    expect(inDays(trend!.passesAt)).toBeLessThan(10);
    expect(trend!.warmAt).toBeGreaterThan(trend!.passesAt);
    expect(
      storeFacts(
        'freezer',
        days((day) => -19 + Math.cos(day * 3)),
        homeRules,
      )!.trend,
    ).toBeNull();
    expect(
      storeFacts(
        'freezer',
        days((day) => -15 - day),
        homeRules,
      )!.trend,
    ).toBeNull();
  });
});

describe('a time in even parts', () => {
  it('is as low and as high as it was, wherever somebody looked', () => {
    fc.assert(
      fc.property(anyReadings, fc.integer({ min: 1, max: 60 }), (readings, parts) => {
        const [from, to] = [readings[0]!.at, readings.at(-1)!.at + 1];
        const drawn = partsOf(readings, { from, to }, parts);
        expect(Math.max(...drawn.map(({ highC }) => highC))).toBe(
          Math.max(...readings.map((each) => each.celsius)),
        );
        expect(Math.min(...drawn.map(({ lowC }) => lowC))).toBe(
          Math.min(...readings.map((each) => each.celsius)),
        );
        for (const { lowC, meanC, highC } of drawn) {
          expect(meanC).toBeGreaterThanOrEqual(lowC - 1e-9);
          expect(meanC).toBeLessThanOrEqual(highC + 1e-9);
        }
      }),
    );
  });

  it('has none where nobody looked', () => {
    const readings = [...air(NOW, [30, 3]), ...air(NOW + 6 * HOUR_MS, [30, 4])];
    const drawn = partsOf(readings, { from: NOW - HOUR_MS, to: NOW + 7 * HOUR_MS }, 8);
    expect(drawn.map(({ at }) => (at - NOW) / HOUR_MS)).toEqual([0.5, 6.5]);
  });
});
