/** What a forecast tells over time. All arrays run along `timeS`. */
export interface Series {
  readonly timeS: readonly number[];
  /** The point that lags most over the first stay, °C: where a probe is put and left. */
  readonly coreC: readonly number[];
  /** The coldest and the warmest point at each moment, °C: a threshold of a rule is met when every point has met it. */
  readonly coldestC: readonly number[];
  readonly warmestC: readonly number[];
  readonly surfaceC: readonly number[];
  /** Mean of the temperature, °C. */
  readonly meanC: readonly number[];
  /** Temperature of the mean enthalpy, °C: what the food tends to when it stands; differs while ice is present. */
  readonly settledC: readonly number[];
  /** Heat given up so far, J. */
  readonly heatJ: readonly number[];
  /** Water evaporated so far, kg. */
  readonly evaporatedKg: readonly number[];
  /** The refrigerator's air, °C; empty where it is not modelled. */
  readonly airC: readonly number[];
  readonly neighboursC: readonly (readonly number[])[];
}

/**
 * When a curve first passes a threshold, s, by a straight line between its points; null while it does not.
 *
 * @param rising whether it passes upwards
 */
export function crossingS(
  timeS: readonly number[],
  values: readonly number[],
  threshold: number,
  rising: boolean,
): number | null {
  const past = (v: number) => (rising ? v >= threshold : v <= threshold);
  const i = values.findIndex(past);
  if (i < 0) return null;
  if (i === 0) return timeS[0]!;
  const [a, b] = [values[i - 1]!, values[i]!];
  return timeS[i - 1]! + ((threshold - a) / (b - a)) * (timeS[i]! - timeS[i - 1]!);
}

/** The value of a curve at a time, by a straight line between its points; its ends hold beyond them. */
export function valueAt(timeS: readonly number[], values: readonly number[], atS: number): number {
  const i = timeS.findIndex((t) => t >= atS);
  if (i < 0) return values.at(-1)!;
  if (i === 0) return values[0]!;
  const share = (atS - timeS[i - 1]!) / (timeS[i]! - timeS[i - 1]!);
  return values[i - 1]! + share * (values[i]! - values[i - 1]!);
}

/** The mean of a curve over the time before each of its points, as far back as it goes and at most `overS`. */
export function trailingMean(timeS: readonly number[], values: readonly number[], overS: number): number[] {
  const area = [0];
  for (let i = 1; i < values.length; i++)
    area.push(area[i - 1]! + ((values[i]! + values[i - 1]!) / 2) * (timeS[i]! - timeS[i - 1]!));
  // The time before a later point begins no earlier.
  let first = 0;
  return values.map((value, i) => {
    const fromS = Math.max(timeS[0]!, timeS[i]! - overS);
    while (timeS[first + 1]! <= fromS && first < i) first += 1;
    if (timeS[i]! <= fromS) return value;
    const intoS = fromS - timeS[first]!;
    const slope = (values[first + 1]! - values[first]!) / (timeS[first + 1]! - timeS[first]! || 1);
    const before = area[first]! + intoS * (values[first]! + (slope * intoS) / 2);
    return (area[i]! - before) / (timeS[i]! - fromS);
  });
}
