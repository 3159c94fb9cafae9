import { afterMealEvent, UnplannedMeal, type MealState } from '@omtel/core/trail';
import type { MealEvent } from '@omtel/core/record';
import type { Database } from '../db/connect';
import { ask, writeTogether } from '../db/together';
import { eventsAppended, numbered, type Entering } from '../repositories/events';
import type { HouseholdRow } from '../repositories/households';
import { mealsOf, mealsSaved } from '../repositories/meals';
import { Refusal } from './refusal';

/**
 * Takes in what is new of meals: each is as it was, and what is said now.
 *
 * @param household locked, with the number of the last entry it took in
 * @returns the meals as they stand now
 * @throws Refusal for a meal that nobody planned
 */
export async function takeInMeals(
  trx: Database,
  household: Pick<HouseholdRow, 'id' | 'lastSeq'>,
  fresh: readonly MealEvent[],
  entering: Entering,
): Promise<readonly MealState[]> {
  if (fresh.length === 0) return [];
  const ids = [...new Set(fresh.map(({ mealId }) => mealId))];
  const stored = await ask(mealsOf(trx, household.id, ids));
  const meals = new Map(stored.map((meal) => [meal.mealId, meal]));
  for (const event of fresh) meals.set(event.mealId, mealAfter(meals.get(event.mealId) ?? null, event));
  const changed = [...meals.values()];
  await writeTogether(trx, [
    ...eventsAppended(trx, household.id, numbered(household, fresh), entering),
    ...mealsSaved(trx, household.id, changed),
  ]);
  return changed;
}

/**
 * A meal after one more was said of it.
 *
 * @throws Refusal for a meal that nobody planned
 */
export function mealAfter(meal: MealState | null, event: MealEvent): MealState {
  try {
    return afterMealEvent(meal, event);
  } catch (error) {
    if (error instanceof UnplannedMeal) throw new Refusal(422, error.message);
    throw error;
  }
}
