import { endOf, livesOf, printedEnd } from '../clocks';
import type { RuleSet } from '../guidance';
import type { FoodState } from '../trail';

/**
 * Until when food that was cooked before keeps for a meal; in the freezer its days stand still.
 *
 * @returns epoch ms; Infinity where nothing ends it, null where nobody knows how old it is
 */
export function eatBy(food: FoodState, rules: RuleSet, zone: string): number | null {
  if (food.place === 'freezer') return Infinity;
  const ends = livesOf(food, rules).map((life) => endOf(life, [zone]));
  if (ends.includes(null)) return null;
  return Math.min(Infinity, printedEnd(food) ?? Infinity, ...(ends as number[]));
}
