import type { RuleSet } from '../guidance';
import type { PlannedDish } from '../record';
import { leavesSome, leftUntil } from '../shopping';
import type { FoodState, MealState } from '../trail';

/** What will be left over from a meal: from when on there is some, and until when it keeps; or why there will be none. */
export type LeftOver =
  | { readonly from: number; readonly until: number }
  | { readonly why: 'sourceGone' | 'notKept' | 'notYet' | 'keepsTooShort'; readonly byMs: number | null };

interface Planned {
  readonly serveAt: number;
  /** The other meals there are. */
  readonly others: readonly MealState[];
  readonly zone: string;
}

/** Whether a dish is still to be left over from another meal: once its food is cooked it goes by that. */
export const isToBeLeft = (dish: PlannedDish, food: FoodState | null): boolean =>
  dish.leftFrom !== undefined && !food?.cooked;

/**
 * What a dish hangs on that will be left over: it is there once the other meal is on the table, and its days count from then.
 *
 * @param food as it is now, raw; null for what nobody logs, which is ruled as vegetables
 */
export function leftOver(
  { leftFrom, foodId, name }: PlannedDish,
  food: FoodState | null,
  { serveAt, others, zone }: Planned,
  rules: RuleSet,
): LeftOver {
  const source = others.find(({ mealId, dropped }) => mealId === leftFrom && !dropped);
  const its = source?.wanted.dishes.find((each) => each.foodId === foodId && (foodId || each.name === name));
  if (!source || !its) return { why: 'sourceGone', byMs: null };
  if (!leavesSome(its)) return { why: 'notKept', byMs: null };
  const from = source.schedule?.serveAt ?? source.wanted.serveAt;
  if (from >= serveAt) return { why: 'notYet', byMs: from - serveAt };
  const until = leftUntil(food ?? { foodKey: 'cooked-vegetables', parts: [] }, from, zone, rules);
  return until < serveAt ? { why: 'keepsTooShort', byMs: serveAt - until } : { from, until };
}
