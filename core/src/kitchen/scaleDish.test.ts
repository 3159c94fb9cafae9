import fc from 'fast-check';
import { inSamePot, KitchenProblem, potFor, timesOf } from '.';

it.each([
  [4, 9, 2.25, 0.3],
  [6, 3, 0.5, 0.1414],
  [4, 4, 1, 0.2],
])('a dish for %d, made for %d', (from, to, times, widthM) => {
  expect(timesOf(from, to)).toBe(times);
  expect(potFor(0.2, times)).toBeCloseTo(widthM, 4);
  expect(inSamePot(0.04, times)).toEqual({ depthM: 0.04 * times, coolsTimes: times ** 2 });
});

const people = fc.integer({ min: 1, max: 500 });
it('there and back it is the same dish in the same pot', () =>
  fc.assert(
    fc.property(people, people, (one, other) => {
      const [there, back] = [timesOf(one, other), timesOf(other, one)];
      expect(there * back).toBeCloseTo(1, 9);
      expect(potFor(potFor(0.24, there), back)).toBeCloseTo(0.24, 9);
    }),
  ));

it.each([
  [0, 4],
  [4, 0],
  [4, 1000],
  [NaN, 4],
])('from %d to %d is refused', (from, to) => expect(() => timesOf(from, to)).toThrow(KitchenProblem));
