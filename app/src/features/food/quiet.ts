import { inTheCold, type FoodState, type Sketch } from '@omtel/core/trail';
import { HOUR_MS } from '@omtel/core/units';

/** So long nothing happened that a trail would show. */
const QUIET_MS = 12 * HOUR_MS;

/** Whether a food has lain in the cold for long, and its trail there is a line below an empty band. */
export function isQuiet(
  { place, placeSince, exposures, doubtful, spell }: FoodState,
  { readings }: Sketch,
  now: number,
): boolean {
  const since = now - QUIET_MS;
  return (
    inTheCold(place) &&
    placeSince <= since &&
    doubtful === null &&
    spell === null &&
    exposures.every(({ to }) => to !== null && to <= since) &&
    readings.every(({ at }) => at <= since)
  );
}
