import { referredTo, type Histories } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { eventsOfFoods } from '../repositories/events';
import { Refusal } from './refusal';

/** A batch divided and put together more often than this was nobody's dinner. */
const MOST_GENERATIONS = 100;

/**
 * The histories of foods, of those they refer to, and of those these came from: one query for each generation.
 *
 * @param known histories that are at hand already
 * @throws Refusal where there are too many generations to follow
 */
export async function historiesOf(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
  known: Histories = new Map(),
): Promise<Histories> {
  const histories = new Map(known);
  let wanted = [...new Set(foodIds), ...[...known.values()].flatMap((history) => referredTo(history))].filter(
    (foodId) => !histories.has(foodId),
  );
  for (let generation = known.size ? 1 : 0; wanted.length; generation++) {
    if (generation > MOST_GENERATIONS)
      throw new Refusal(422, 'It was divided and put together too often to follow. Put it in anew.');
    const found = await eventsOfFoods(db, householdId, wanted);
    for (const [foodId, history] of found) histories.set(foodId, history);
    const referred = [...found.values()].flatMap((history) => referredTo(history));
    wanted = [...new Set(referred)].filter((foodId) => !histories.has(foodId));
  }
  return histories;
}
