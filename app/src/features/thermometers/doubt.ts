import type { FoodState } from '@omtel/core/trail';
import type { RatedThermometer } from './useThermometers';

/** Whether what a food was last read with is not in order any more, and the reading is younger than its last good check. */
export const readInDoubt = (
  { lastReading }: Pick<FoodState, 'lastReading'>,
  { id, standing }: Pick<RatedThermometer, 'id' | 'standing'>,
): boolean =>
  lastReading?.by === id && standing.is !== 'inOrder' && lastReading.at > (standing.goodAt ?? -Infinity);
