import { AIR_MEAN_MS } from '../guidance';
import { trailingMean } from '../thermal';
import { HOUR_MS, MINUTE_MS } from '../units';
import type { Read } from './thin';

/** Readings further apart tell nothing of what was between them. */
export const LONGEST_GAP_MS = 2 * HOUR_MS;
/** Between readings that lie further apart the mean is looked at as often. */
const LOOKED_EVERY_MS = 5 * MINUTE_MS;

/** A moment at which the air of a store is said to be right, or too warm, by its mean. */
export interface AirTurn extends Read {
  readonly right: boolean;
}

/** The stretches of readings without a gap that hides what was. */
export function stretchesOf<R extends Read>(readings: readonly R[]): readonly (readonly R[])[] {
  const stretches: R[][] = [];
  for (const reading of readings) {
    const last = stretches.at(-1)?.at(-1);
    if (last && reading.at - last.at <= LONGEST_GAP_MS) stretches.at(-1)!.push(reading);
    else stretches.push([reading]);
  }
  return stretches;
}

/**
 * When the air of a store turned too warm, and when it was right again, by its mean over the swing of a thermostat. A spell begins with
 * the time whose mean is too warm, not when that time is over. Of each stretch without a gap it says besides how it began and ended, so
 * that a spell reaches back no further than somebody looked; the last one is still open, and has no end. Where it was never read for as
 * long, nothing is said.
 *
 * @param readings in the order of time
 * @param isRight whether air of so many °C is cold enough
 */
export function airTurns(
  readings: readonly Read[],
  isRight: (celsius: number) => boolean,
): readonly AirTurn[] {
  const stretches = stretchesOf(readings);
  return stretches.flatMap((stretch, i) => turnsOf(stretch, isRight, i === stretches.length - 1));
}

function turnsOf(stretch: readonly Read[], isRight: (celsius: number) => boolean, open: boolean): AirTurn[] {
  const begins = stretch[0]!.at;
  const told: AirTurn[] = [];
  let last: AirTurn | null = null;
  for (const mean of meansOf(stretch)) {
    if (mean.at - begins < AIR_MEAN_MS) continue;
    const verdict: AirTurn = { ...mean, right: isRight(mean.celsius) };
    if (!last || last.right !== verdict.right) {
      // Until the time began whose mean is too warm it was right.
      const at = verdict.at - AIR_MEAN_MS;
      if (last?.right && at > told.at(-1)!.at) told.push({ ...last, at });
      told.push(verdict);
    }
    last = verdict;
  }
  if (last && !open && last.at > told.at(-1)!.at) told.push(last);
  return told;
}

/** The mean over the time before each reading, and as often between those that lie far apart. */
function meansOf(stretch: readonly Read[]): Read[] {
  const dense = stretch.flatMap((reading, i): Read[] => {
    const next = stretch[i + 1];
    if (!next) return [reading];
    const between = Math.ceil((next.at - reading.at) / LOOKED_EVERY_MS);
    return Array.from({ length: between }, (_, n) => ({
      at: Math.round(reading.at + ((next.at - reading.at) * n) / between),
      celsius: reading.celsius + ((next.celsius - reading.celsius) * n) / between,
    }));
  });
  const means = trailingMean(
    dense.map(({ at }) => at),
    dense.map(({ celsius }) => celsius),
    AIR_MEAN_MS,
  );
  return dense.map(({ at }, i) => ({ at, celsius: means[i]! }));
}
