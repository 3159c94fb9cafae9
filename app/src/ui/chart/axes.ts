/** What a chart shows of each axis. */
export interface Range {
  readonly from: number;
  readonly to: number;
}

/** How finely a line is drawn: gifted charts place values at even steps. */
export const STEPS = 60;

/** Values of a curve at even steps over a range; none beyond its end. */
export function evenly(
  { at, value }: { readonly at: readonly number[]; readonly value: readonly number[] },
  { from, to }: Range,
  steps = STEPS,
): number[] {
  const values: number[] = [];
  let i = 0;
  for (let step = 0; step <= steps; step++) {
    const moment = from + ((to - from) * step) / steps;
    if (at.length === 0 || moment > at.at(-1)! + (to - from) / (2 * steps)) break;
    while (i < at.length - 2 && at[i + 1]! < moment) i += 1;
    const [a, b] = [at[i]!, at[i + 1] ?? at[i]!];
    const share = b > a ? Math.min(1, Math.max(0, (moment - a) / (b - a))) : 0;
    values.push(value[i]! + share * ((value[i + 1] ?? value[i]!) - value[i]!));
  }
  return values;
}

/** The nearest of the even steps to a share of the width. */
export const stepAt = (share: number): number => Math.min(STEPS, Math.max(0, Math.round(share * STEPS)));
