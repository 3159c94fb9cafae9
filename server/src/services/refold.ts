import type { StoredFood } from '@omtel/core/api';
import { foldTrail } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { eventsOfFood } from '../repositories/events';
import { othersOf } from './histories';
import { deleteFood, saveFood, staleFoods } from '../repositories/foods';
import { lockHousehold, type HouseholdRow } from '../repositories/households';

/**
 * Folds a food's whole history again, by the guidance the household follows now, and stores the outcome.
 *
 * @returns null when the food's coming was withdrawn
 * @throws BrokenTrail for a food without a beginning
 */
export async function refold(
  trx: Database,
  household: Pick<HouseholdRow, 'id' | 'settings'>,
  foodId: string,
): Promise<StoredFood | null> {
  const history = await eventsOfFood(trx, household.id, foodId);
  const others = await othersOf(trx, household.id, history);
  const state = foldTrail(history, household.settings.guidance, others);
  if (!state) {
    await deleteFood(trx, household.id, foodId);
    return null;
  }
  const food = { state, eventCount: history.length };
  await saveFood(trx, household.id, food);
  return food;
}

/** Folds again what was stored by an older version of the fold. */
export async function refoldStale(db: Database): Promise<void> {
  for (const { householdId, foodId } of await staleFoods(db)) {
    await db.transaction(async (trx) => {
      const household = await lockHousehold(trx, householdId);
      if (household) await refold(trx, household, foodId);
    });
  }
}
