import type { RuleSet } from '../guidance';
import { kelvinIn, toCelsius, kelvinOf, type Temperature } from '../units';
import { offsetOf, type Known, type Standing } from './standing';
import type { Thermometer } from './schema';

/**
 * What to add to a figure, by the checks of its thermometer: between two of them a straight line, beyond them what the nearest said.
 *
 * @returns in the degrees of the figure; 0 where no check counts
 */
export function correctionOf(read: Temperature, standing: Standing): number {
  if (standing.is !== 'inOrder') return 0;
  return -kelvinIn(offAt(toCelsius(read), standing.known), read.unit);
}

function offAt(readC: number, known: readonly Known[]): number {
  const [first, second = first] = [...known].sort((a, b) => a.readC - b.readC);
  if (!first || !second) return 0;
  const span = second.readC - first.readC;
  const share = span > 0 ? Math.min(1, Math.max(0, (readC - first.readC) / span)) : 0;
  return offsetOf(first) + share * (offsetOf(second) - offsetOf(first));
}

/**
 * How far what it shows may lie from the truth: its marks, its check, and how steady a figure has to be.
 *
 * @param thermometer null where nobody said which
 * @returns K, either way
 */
export function uncertaintyK(
  thermometer: Pick<Thermometer, 'resolutionK'> | null,
  standing: Standing | null,
  now: number,
  { steadySpan, checkedWithin, uncheckedWithin }: RuleSet['thermometer'],
): number {
  const lately = standing?.is === 'inOrder' && now <= standing.dueAt;
  const within = [steadySpan, lately ? checkedWithin : uncheckedWithin];
  return within.reduce(
    (sum, { value: { degrees, unit } }) => sum + kelvinOf(degrees, unit),
    thermometer?.resolutionK ?? 0,
  );
}

/** Whether a figure lies so near to a limit that it may be on the other side of it. */
export const isNearLimit = (read: Temperature, limit: Temperature, giveK: number): boolean =>
  Math.abs(toCelsius(read) - toCelsius(limit)) <= giveK;
