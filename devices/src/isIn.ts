/** Whether a moment lies in a span, its end left out; nothing lies in none. */
export const isIn = (span: readonly [from: number, to: number] | undefined, at: number): boolean =>
  span !== undefined && at >= span[0] && at < span[1];
