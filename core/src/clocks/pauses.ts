/** A stretch in the freezer, in which no day of a food counts. */
export interface Pause {
  readonly from: number;
  readonly to: number;
}

/** A food that has been in the freezer, or is. */
interface Frozen {
  readonly pauses: readonly Pause[];
  readonly frozenSince: number | null;
}

/**
 * The pauses of a food up to a moment, with the one it is in. What was put together in the freezer had that one noted up to
 * there, as long as the older of both was frozen: it goes on.
 */
export function pausesUntil({ pauses, frozenSince }: Frozen, at: number): readonly Pause[] {
  if (frozenSince === null) return pauses;
  const last = pauses.at(-1);
  return last && last.to > frozenSince
    ? [...pauses.slice(0, -1), { from: last.from, to: at }]
    : [...pauses, { from: frozenSince, to: at }];
}

/** How long the pauses of a count took together, ms. */
export const pausedMs = (pauses: readonly Pause[]): number =>
  pauses.reduce((sum, { from, to }) => sum + Math.max(0, to - from), 0);
