import type { CoolingAsked } from '@omtel/core/jobs';
import type { FoodState } from '@omtel/core/trail';
import { SECOND_MS, toCelsius } from '@omtel/core/units';

/** The reading that corrects a cooling under way: the last one since it was planned. */
export function readSincePlan({ cooling, lastReading }: FoodState): CoolingAsked['reading'] {
  if (!cooling || !lastReading || lastReading.at <= cooling.plannedAt) return undefined;
  return {
    atS: (lastReading.at - cooling.plannedAt) / SECOND_MS,
    coreC: toCelsius(lastReading.temperature),
  };
}
