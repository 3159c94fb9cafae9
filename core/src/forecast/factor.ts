/** A factor on usual coefficients that readings speak for. */
export interface Factor {
  readonly times: number;
  /** Which way the readings lie of all that a factor within its range can explain; null when they are met. */
  readonly unmet: Unmet | null;
}

/** The readings are colder, or warmer, than any forecast. */
export type Unmet = 'colder' | 'warmer';

const ROUNDS = 10;
/** Its logarithm is told apart this finely, */
const FINEST = 1e-3;
/** moves at most so far in a round, */
const FARTHEST = 0.7;
/** and its effect is tried by so much. */
const TRIED = 0.02;
/** Readings this far off on the whole are not met, K. */
const UNMET_K = 1.5;

/**
 * The factor that makes forecasts pass closest by the readings: least squares over its logarithm, by Gauss and Newton. A
 * forecast that passes through the readings already keeps its factor of 1.
 *
 * @param missesAt by how much a forecast with a factor is warmer than each reading, K
 * @param range the factors that may be
 */
export function factorFor(
  missesAt: (times: number) => readonly number[],
  [least, most]: readonly [number, number],
): Factor {
  const within = (log: number) => Math.min(Math.log(most), Math.max(Math.log(least), log));
  let log = 0;
  let misses = missesAt(1);
  for (let round = 0; round < ROUNDS; round++) {
    const tried = log + TRIED <= Math.log(most) ? TRIED : -TRIED;
    const slopes = missesAt(Math.exp(log + tried)).map((miss, i) => (miss - misses[i]!) / tried);
    const steepness = slopes.reduce((sum, slope) => sum + slope * slope, 0);
    if (steepness === 0) break;
    const step = -slopes.reduce((sum, slope, i) => sum + slope * misses[i]!, 0) / steepness;
    const next = within(log + Math.max(-FARTHEST, Math.min(FARTHEST, step)));
    if (Math.abs(next - log) < FINEST) break;
    log = next;
    misses = missesAt(Math.exp(log));
  }
  const off = Math.sqrt(misses.reduce((sum, miss) => sum + miss * miss, 0) / misses.length);
  const mean = misses.reduce((sum, miss) => sum + miss, 0);
  return { times: Math.exp(log), unmet: off <= UNMET_K ? null : mean > 0 ? 'colder' : 'warmer' };
}
