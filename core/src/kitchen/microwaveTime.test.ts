import fc from 'fast-check';
import { KitchenProblem, microwaveTime } from '.';

it.each([
  [300_000, 1000, 750, 400_000],
  [120_000, 700, 1000, 84_000],
  [600_000, 800, 800, 600_000],
  [240_000, 1100, 600, 440_000],
])('%d ms at %d W are, at %d W, %d ms', (chart, chartW, ownW, ms) =>
  expect(microwaveTime(chart, chartW, ownW)).toBeCloseTo(ms, 6),
);

const watts = fc.integer({ min: 300, max: 2000 });
it('there and back it is the same, and a stronger oven never takes longer', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1000, max: 3_600_000 }), watts, watts, (ms, one, other) => {
      fc.pre((ms * one) / other <= 3 * 3_600_000);
      expect(microwaveTime(microwaveTime(ms, one, other), other, one)).toBeCloseTo(ms, 3);
      expect(microwaveTime(ms, one, Math.min(2000, other + 50))).toBeLessThanOrEqual(
        microwaveTime(ms, one, other),
      );
    }),
  ));

it.each([
  [0, 800, 800],
  [-1, 800, 800],
  [1e9, 800, 800],
  [1000, 10, 800],
  [1000, 800, 9000],
  [NaN, 800, 800],
])('%d ms from %d to %d W is refused', (ms, from, to) =>
  expect(() => microwaveTime(ms, from, to)).toThrow(KitchenProblem),
);
