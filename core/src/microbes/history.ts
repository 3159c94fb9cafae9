/** A temperature history, simulated or measured: straight lines between its points. */
export interface TemperatureHistory {
  readonly timeS: readonly number[];
  readonly temperatureC: readonly number[];
}

/** A stretch is cut into pieces no longer than this, and each judged at its middle. */
const PIECE_S = 30;

/**
 * ∫ rate(T(t)) dt over a history.
 *
 * @param rate per second, at a temperature in °C
 */
export function integrate({ timeS, temperatureC }: TemperatureHistory, rate: (t: number) => number): number {
  let sum = 0;
  for (let i = 1; i < timeS.length; i++) {
    const length = timeS[i]! - timeS[i - 1]!;
    const [a, b] = [temperatureC[i - 1]!, temperatureC[i]!];
    const pieces = Math.max(1, Math.ceil(length / PIECE_S));
    for (let p = 0; p < pieces; p++) sum += rate(a + ((p + 0.5) / pieces) * (b - a)) * (length / pieces);
  }
  return sum;
}
