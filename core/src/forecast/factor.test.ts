import fc from 'fast-check';
import { factorFor, fitOf, unread, type Prior } from './factor';

const prior = (spread: number): Prior => ({ least: 0.3, most: 3, spread });
const PRIORS = [prior(0.2), prior(0.1), prior(0.25)];
/** A forecast that goes up and down with the logarithms of its factors, read at some places. */
const model =
  (effects: readonly (readonly number[])[], truth: readonly number[]) =>
  (factors: readonly number[]): number[] =>
    effects.map((row) => row.reduce((sum, effect, i) => sum + effect * Math.log(factors[i]! / truth[i]!), 0));
const effects = fc.array(fc.tuple(...PRIORS.map(() => fc.double({ min: -60, max: 60, noNaN: true }))), {
  minLength: 1,
  maxLength: 30,
});
const truth = fc.tuple(
  ...PRIORS.map(({ spread }) =>
    fc.double({ min: -1.2, max: 1.2, noNaN: true }).map((s) => Math.exp(s * spread)),
  ),
);

describe('factors that readings speak for', () => {
  it('pass nearer by the readings than what is usual does, and are known better than before', () => {
    fc.assert(
      fc.property(effects, truth, (rows, true_) => {
        const missesAt = model(rows, true_);
        const { factors, covariance, unmet } = fitOf(missesAt, PRIORS);
        const off = (each: readonly number[]) => Math.hypot(...missesAt(each));
        expect(unmet).toBeNull();
        expect(off(factors)).toBeLessThanOrEqual(off([1, 1, 1]) + 1e-6);
        PRIORS.forEach(({ spread }, i) => {
          expect(covariance[i]![i]!).toBeLessThanOrEqual(spread ** 2 + 1e-9);
          PRIORS.forEach((_, j) => expect(covariance[i]![j]).toBeCloseTo(covariance[j]![i]!, 9));
        });
      }),
    );
  });

  it('a reading that says nothing leaves all as it was', () => {
    const { factors, covariance } = fitOf(model([[0, 0, 0]], [1, 1, 1]), PRIORS);
    expect(factors).toEqual([1, 1, 1]);
    covariance.forEach((row, i) =>
      row.forEach((each, j) => expect(each).toBeCloseTo(unread(PRIORS).covariance[i]![j]!, 12)),
    );
  });

  it('what lies beyond all that is likely corrects nothing, and says which way', () => {
    // A hundred degrees a factor e: four times the usual spread off, one way and the other.
    const far = (sign: number) =>
      fitOf(model([[40, 0, 0]], [Math.exp(4 * sign * 0.2), 1, 1]), [prior(0.2), prior(0.1), prior(0.25)]);
    expect(far(1)).toMatchObject({ factors: [1, 1, 1], unmet: 'warmer' });
    expect(far(-1)).toMatchObject({ factors: [1, 1, 1], unmet: 'colder' });
  });

  it('one factor is the same, alone', () => {
    const one = factorFor((times) => [30 * Math.log(times / 1.2)], prior(0.3));
    expect(one.times).toBeGreaterThan(1.15);
    expect(one.times).toBeLessThan(1.2);
    expect(one.doubt).toBeLessThan(0.2);
  });
});
