/** A stretch in the freezer, in which no day of a food counts. */
export interface Pause {
  readonly from: number;
  readonly to: number;
}

/** How long the pauses of a count took together, ms. */
export const pausedMs = (pauses: readonly Pause[]): number =>
  pauses.reduce((sum, { from, to }) => sum + Math.max(0, to - from), 0);
