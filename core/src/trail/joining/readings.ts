import type { TrailReading } from '../../clocks';
import type { FoodState } from '../state';
import { warmer } from './either';

/** Of the readings of both the one that is no good, if one is; else the older good one. */
export function worseRead(a: FoodState, b: FoodState): Pick<FoodState, 'lastReading' | 'lastGood'> {
  const bad = [a, b].find(
    ({ lastReading, lastGood }) => lastReading && (!lastGood || lastReading.at > lastGood.at),
  );
  if (bad) return { lastReading: bad.lastReading, lastGood: null };
  const older = a.lastGood && b.lastGood && (a.lastGood.at <= b.lastGood.at ? a : b);
  return { lastReading: older?.lastReading ?? null, lastGood: older?.lastGood ?? null };
}

/** What either was read in doubt: since the first of them, as warm as the warmer. */
export function moreDoubtful(a: TrailReading | null, b: TrailReading | null): TrailReading | null {
  if (!a || !b) return a ?? b;
  return { at: Math.min(a.at, b.at), temperature: warmer(a.temperature, b.temperature) };
}
