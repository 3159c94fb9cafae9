import { isOfMeal, type FoodEvent, type KitchenEvent, type MealEvent } from '@omtel/core/record';
import { BrokenTrail, type MealState } from '@omtel/core/trail';
import type { Database } from '../../db/connect';
import { ask, writeTogether } from '../../db/together';
import { eventsOfMeals } from '../../repositories/events';
import { foodsSaved, listFoods } from '../../repositories/foods';
import type { HouseholdRow } from '../../repositories/households';
import { childrenOf, descendantsOf, lineageAppended } from '../../repositories/lineage';
import { mealsSaved } from '../../repositories/meals';
import { inParts } from '../../repositories/portable/write';
import { historiesOf } from '../histories';
import { folded } from '../refold';
import { Refusal } from '../refusal';
import { refuseUntrue } from '../refuseUntrue';
import { mealAfter } from '../takeInMeals';

/** So many foods are folded between two words of how far it is. */
const FOODS = 50;
const LINES = 500;

type Folds = Pick<HouseholdRow, 'id' | 'settings'>;

/**
 * Folds all that events that were appended just now can change, foods and meals.
 *
 * @param everything folds all that is at hand as well: it goes by other settings
 * @returns how many foods and meals came of it
 * @throws Refusal for a history that cannot be true, or has no beginning
 */
export async function foldAnew(
  trx: Database,
  household: Folds,
  fresh: readonly KitchenEvent[],
  everything: boolean,
  onProgress: (what: string, done: number, of: number) => void,
): Promise<{ readonly foods: number; readonly meals: number }> {
  const { id } = household;
  const ofFoods = fresh.filter((event): event is FoodEvent => !isOfMeal(event));
  for (const part of inParts(ofFoods, LINES)) await writeTogether(trx, lineageAppended(trx, id, part));
  const own = [...new Set(ofFoods.map(({ foodId }) => foodId))];
  const children = own.length ? await ask(childrenOf(trx, id, own)) : [];
  const atHand = everything ? (await listFoods(trx, id)).map(({ state }) => state.foodId) : [];
  // All that came of them is folded as well: to ask which of it can have changed would take longer than to do it.
  const affected = [...new Set([...own, ...atHand, ...(await descendantsOf(trx, id, own, children))])];
  const histories = await historiesOf(trx, id, affected);
  await refuseImpossible(trx, id, histories, ofFoods);
  let done = 0;
  for (const part of inParts(affected, FOODS)) {
    const outcome = await foldedOf(trx, household, part, histories);
    await writeTogether(trx, foodsSaved(trx, id, outcome));
    onProgress('foods', (done += part.length), affected.length);
  }
  const meals = await mealsAnew(trx, id, fresh.filter(isOfMeal));
  return { foods: affected.length, meals };
}

/** The same is refused of a history that comes as a whole as of one that comes by and by. */
async function refuseImpossible(
  trx: Database,
  householdId: string,
  histories: ReadonlyMap<string, readonly FoodEvent[]>,
  fresh: readonly FoodEvent[],
): Promise<void> {
  const ids = new Set(fresh.map((event) => event.id));
  const foodIds = new Set(fresh.map(({ foodId }) => foodId));
  const before = new Map(
    [...foodIds].map((foodId) => [
      foodId,
      (histories.get(foodId) ?? []).filter((event) => !ids.has(event.id)),
    ]),
  );
  await refuseUntrue(trx, householdId, before, fresh);
}

async function foldedOf(...what: Parameters<typeof folded>): ReturnType<typeof folded> {
  try {
    return await folded(...what);
  } catch (error) {
    if (error instanceof BrokenTrail)
      throw new Refusal(422, 'The file speaks of a food that begins nowhere in it, and is not known here.');
    throw error;
  }
}

/** Meals from all that was ever said of them, in the order it was taken in. */
async function mealsAnew(trx: Database, householdId: string, fresh: readonly MealEvent[]): Promise<number> {
  const ids = [...new Set(fresh.map(({ mealId }) => mealId))];
  const meals = new Map<string, MealState>();
  for (const part of inParts(ids, FOODS))
    for (const event of await eventsOfMeals(trx, householdId, part))
      meals.set(event.mealId, mealAfter(meals.get(event.mealId) ?? null, event));
  for (const part of inParts([...meals.values()], FOODS))
    await writeTogether(trx, mealsSaved(trx, householdId, part));
  return meals.size;
}
