/** What readings say of factors on what is usual. */
export interface Fit {
  readonly factors: readonly number[];
  /** How far their logarithms are known together: what was known before, narrowed by what was read. */
  readonly covariance: readonly (readonly number[])[];
  /** Which way the readings lie of all that factors within their ranges can explain; null where they are met. */
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

/** A factor that readings speak for, alone. */
export interface Factor {
  readonly times: number;
  /** What is left of the doubt there was without the readings: 1 where they say nothing, near 0 where they say it all. */
  readonly doubt: number;
  readonly unmet: Unmet | null;
}

/** A probe and the place it is stuck into are known to about this, K. */
const READ_K = 1;
/** Readings of one probe err together: more than so many say no more than so many. */
const INDEPENDENT = 20;
const ROUNDS = 12;
/** The logarithm is told apart this finely, */
const FINEST = 1e-3;
/** moves at most so far in a round, */
const FARTHEST = 0.7;
/** and its effect is tried by so much. */
const TRIED = 0.02;
/** Factors so many times their usual spread from 1, all together, are no oven and no joint. */
const LIKELY = 3.5;
/** Readings this far off on the whole are not met, K. */
const UNMET_K = 3;

/** What is known without a reading. */
export const unread = (priors: readonly Prior[]): Fit => ({
  factors: priors.map(() => 1),
  covariance: priors.map(({ spread }, i) => priors.map((_, j) => (i === j ? spread ** 2 : 0))),
  unmet: null,
});

/**
 * The likeliest factors: forecasts pass as near by the readings as what is usual allows, by Gauss and Newton over their
 * logarithms. A forecast that passes through the readings already keeps its factors of 1, and a reading taken before the middle has
 * moved says nothing of them. What cannot be met corrects nothing: the probe is the likelier to be wrong.
 *
 * @param missesAt by how much a forecast with factors is warmer than each reading, K
 */
export function fitOf(
  missesAt: (factors: readonly number[]) => readonly number[],
  priors: readonly Prior[],
): Fit {
  const at = (logs: readonly number[]) => missesAt(logs.map(Math.exp));
  const within = (log: number, { least, most }: Prior) =>
    Math.min(Math.log(most), Math.max(Math.log(least), log));
  let logs: readonly number[] = priors.map(() => 0);
  let misses = at(logs);
  const weight = Math.min(1, INDEPENDENT / misses.length) / READ_K ** 2;
  let covariance = unread(priors).covariance;
  for (let round = 0; round < ROUNDS; round++) {
    const slopes = priors.map(({ most }, i) => {
      const tried = logs[i]! + TRIED <= Math.log(most) ? TRIED : -TRIED;
      const moved = at(logs.map((log, j) => (i === j ? log + tried : log)));
      return moved.map((miss, k) => (miss - misses[k]!) / tried);
    });
    const certainty = priors.map(({ spread }, i) =>
      priors.map((_, j) => weight * dot(slopes[i]!, slopes[j]!) + (i === j ? 1 / spread ** 2 : 0)),
    );
    const pull = priors.map(({ spread }, i) => logs[i]! / spread ** 2 + weight * dot(slopes[i]!, misses));
    // What would leave its range stays at its end, and explains nothing that the others then do not.
    let free = priors.map((_, i) => i);
    for (;;) {
      covariance = inverseAmong(certainty, free);
      const kept = free.filter((i) => !leaves(logs[i]!, -dot(covariance[i]!, pull), priors[i]!));
      if (kept.length === free.length) break;
      free = kept;
    }
    const next = logs.map((log, i) => {
      const step = -dot(covariance[i]!, pull);
      return within(log + Math.max(-FARTHEST, Math.min(FARTHEST, step)), priors[i]!);
    });
    if (next.every((log, i) => Math.abs(log - logs[i]!) < FINEST)) break;
    logs = next;
    misses = at(logs);
  }
  const off = Math.sqrt(dot(misses, misses) / misses.length);
  const unlikely = Math.hypot(...logs.map((log, i) => log / priors[i]!.spread));
  if (off <= UNMET_K && unlikely <= LIKELY) return { factors: logs.map(Math.exp), covariance, unmet: null };
  const mean = at(priors.map(() => 0)).reduce((sum, miss) => sum + miss, 0);
  return { ...unread(priors), unmet: mean > 0 ? 'colder' : 'warmer' };
}

/** The same for one factor. */
export function factorFor(missesAt: (times: number) => readonly number[], prior: Prior): Factor {
  const { factors, covariance, unmet } = fitOf(([times]) => missesAt(times!), [prior]);
  return { times: factors[0]!, doubt: Math.sqrt(covariance[0]![0]!) / prior.spread, unmet };
}

/** Whether a step leads out of a factor's range from its end. */
const leaves = (log: number, step: number, { least, most }: Prior): boolean =>
  (step < 0 && log <= Math.log(least)) || (step > 0 && log >= Math.log(most));

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, x, i) => sum + x * b[i]!, 0);

/** The inverse among some rows and columns of a matrix; nothing in the others. */
function inverseAmong(matrix: readonly (readonly number[])[], some: readonly number[]): number[][] {
  const inverse = inverseOf(some.map((i) => some.map((j) => matrix[i]![j]!)));
  const at = (i: number, j: number) => inverse[some.indexOf(i)]?.[some.indexOf(j)] ?? 0;
  return matrix.map((row, i) => row.map((_, j) => at(i, j)));
}

/** The inverse of a small matrix that is symmetric and positive definite, by Gauss and Jordan. */
function inverseOf(matrix: readonly (readonly number[])[]): number[][] {
  const n = matrix.length;
  const rows = matrix.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))]);
  for (let i = 0; i < n; i++) {
    const pivot = rows[i]![i]!;
    rows[i] = rows[i]!.map((x) => x / pivot);
    for (let k = 0; k < n; k++) {
      if (k === i) continue;
      const times = rows[k]![i]!;
      rows[k] = rows[k]!.map((x, j) => x - times * rows[i]![j]!);
    }
  }
  return rows.map((row) => row.slice(n));
}
