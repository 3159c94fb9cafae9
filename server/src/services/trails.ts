import type { FoodTrail } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import { referredTo, type Histories } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { findFoods } from '../repositories/foods';
import { historiesOf } from './histories';

/**
 * Foods as they stand, each with its whole history and those of the foods it came from. What is not known is left out.
 *
 * @throws Refusal where one was divided and put together too often to follow
 */
export async function trailsOf(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<FoodTrail[]> {
  const foods = await findFoods(db, householdId, foodIds);
  const histories = await historiesOf(
    db,
    householdId,
    foods.map(({ state }) => state.foodId),
  );
  return foods.map((food) => {
    const { foodId } = food.state;
    const { [foodId]: events = [], ...others } = Object.fromEntries(withOrigins(foodId, histories));
    return { food, events, others };
  });
}

/** The history of a food, and those of the foods it came from. */
function withOrigins(foodId: string, histories: Histories): Histories {
  const found = new Map<string, readonly FoodEvent[]>();
  const wanted = [foodId];
  for (let next = wanted.pop(); next !== undefined; next = wanted.pop()) {
    const history = histories.get(next);
    if (found.has(next) || !history) continue;
    found.set(next, history);
    wanted.push(...referredTo(history));
  }
  return found;
}
