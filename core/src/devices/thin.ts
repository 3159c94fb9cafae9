/** What a channel read, in the order of time. */
export interface Read {
  readonly at: number;
  readonly celsius: number;
}

/** What is kept lies no further than this from what was read, K. */
export const TOLERANCE_K = 0.25;

/**
 * The readings that tell all of a curve: straight stretches keep their ends, each stretch the highest and the lowest of it, and wherever
 * a limit is crossed the readings on both of its sides. So no extreme and no crossing is lost, and every reading left out lies within
 * `toleranceK` of the line through those that stay.
 *
 * The stretches are those of a swinging door: from its first reading on, as far as one line passes all of them within half the
 * tolerance. What is kept besides bends that line by no more than the other half.
 *
 * @param readings in the order of time
 * @param limitsC what must not be crossed unseen, °C: being at a limit is being on its lower side
 */
export function thinned<R extends Read>(
  readings: readonly R[],
  limitsC: readonly number[],
  toleranceK: number = TOLERANCE_K,
): readonly R[] {
  if (readings.length <= 2) return readings;
  const kept = new Set<number>([0, readings.length - 1]);
  for (let from = 0; from < readings.length - 1;) {
    const to = endOfStretch(readings, from, toleranceK / 2);
    kept.add(to);
    for (const extreme of extremesBetween(readings, from, to)) kept.add(extreme);
    from = to;
  }
  for (let i = 1; i < readings.length; i++) {
    const [a, b] = [readings[i - 1]!.celsius, readings[i]!.celsius];
    if (limitsC.some((limit) => a > limit !== b > limit)) kept.add(i - 1).add(i);
  }
  return readings.filter((_, i) => kept.has(i));
}

/** The last reading one line from the first reaches with all between them within a tolerance. */
function endOfStretch(readings: readonly Read[], from: number, withinK: number): number {
  const { at, celsius } = readings[from]!;
  let [least, most] = [-Infinity, Infinity];
  for (let i = from + 1; i < readings.length; i++) {
    const ms = readings[i]!.at - at;
    const slope = (readings[i]!.celsius - celsius) / ms;
    if (slope < least || slope > most) return i - 1;
    least = Math.max(least, slope - withinK / ms);
    most = Math.min(most, slope + withinK / ms);
  }
  return readings.length - 1;
}

/** Where a stretch is higher or lower than at both of its ends. */
function extremesBetween(readings: readonly Read[], from: number, to: number): number[] {
  let [highest, lowest] = [from, from];
  for (let i = from + 1; i <= to; i++) {
    if (readings[i]!.celsius > readings[highest]!.celsius) highest = i;
    if (readings[i]!.celsius < readings[lowest]!.celsius) lowest = i;
  }
  return [highest, lowest];
}
