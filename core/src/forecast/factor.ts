/** A factor on usual coefficients that readings speak for. */
export interface Factor {
  readonly times: number;
  /** What is left of the doubt there was without the readings: 1 where they say nothing, near 0 where they say it all. */
  readonly doubt: number;
  /** Which way the readings lie of all that a factor within its range can explain; null where they are met. */
  readonly unmet: Unmet | null;
}

/** The readings are colder, or warmer, than any forecast. */
export type Unmet = 'colder' | 'warmer';

/** What is known of a factor before anything was read. */
export interface Prior {
  readonly least: number;
  readonly most: number;
  /** How far its logarithm usually is from that of 1. */
  readonly spread: number;
}

/** A probe and the place it is stuck into are known to about this, K. */
const READ_K = 2;
const ROUNDS = 12;
/** The logarithm is told apart this finely, */
const FINEST = 1e-3;
/** moves at most so far in a round, */
const FARTHEST = 0.7;
/** and its effect is tried by so much. */
const TRIED = 0.02;
/** Readings this far off on the whole are not met, K. */
const UNMET_K = 1.5 * READ_K;

/**
 * The likeliest factor: forecasts pass as near by the readings as what is usual allows, by Gauss and Newton over its
 * logarithm. A forecast that passes through the readings already keeps its factor of 1, and a reading taken before the middle has
 * moved says nothing of it. What cannot be met corrects nothing: the probe is the likelier to be wrong.
 *
 * @param missesAt by how much a forecast with a factor is warmer than each reading, K
 */
export function factorFor(
  missesAt: (times: number) => readonly number[],
  { least, most, spread }: Prior,
): Factor {
  const within = (log: number) => Math.min(Math.log(most), Math.max(Math.log(least), log));
  const before = (READ_K / spread) ** 2;
  let log = 0;
  let misses = missesAt(1);
  let certainty = before;
  for (let round = 0; round < ROUNDS; round++) {
    const tried = log + TRIED <= Math.log(most) ? TRIED : -TRIED;
    const slopes = missesAt(Math.exp(log + tried)).map((miss, i) => (miss - misses[i]!) / tried);
    certainty = before + slopes.reduce((sum, slope) => sum + slope * slope, 0);
    const pull = before * log + slopes.reduce((sum, slope, i) => sum + slope * misses[i]!, 0);
    const next = within(log + Math.max(-FARTHEST, Math.min(FARTHEST, -pull / certainty)));
    if (Math.abs(next - log) < FINEST) break;
    log = next;
    misses = missesAt(Math.exp(log));
  }
  const off = Math.sqrt(misses.reduce((sum, miss) => sum + miss * miss, 0) / misses.length);
  if (off <= UNMET_K) return { times: Math.exp(log), doubt: Math.sqrt(before / certainty), unmet: null };
  const mean = misses.reduce((sum, miss) => sum + miss, 0);
  return { times: 1, doubt: 1, unmet: mean > 0 ? 'colder' : 'warmer' };
}
