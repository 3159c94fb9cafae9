import { setImmediate as othersTurn } from 'node:timers/promises';
import type { StoredFood } from '@omtel/core/api';
import { foldTrail, type Histories } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { deleteFood, saveFood, staleFoods } from '../repositories/foods';
import { lockHousehold, type HouseholdRow } from '../repositories/households';
import { historiesOf } from './histories';

type Folds = Pick<HouseholdRow, 'id' | 'settings'>;

/**
 * Folds the whole histories of foods again, by the guidance the household follows now, and stores the outcomes. Between two
 * foods others have their turn.
 *
 * @param histories of the foods and of all they refer to
 * @returns the foods there are; those whose coming was withdrawn are left out
 * @throws BrokenTrail for a food without a beginning
 */
export async function refold(
  trx: Database,
  household: Folds,
  foodIds: readonly string[],
  histories: Histories,
): Promise<StoredFood[]> {
  const stored: StoredFood[] = [];
  for (const foodId of foodIds) {
    const history = histories.get(foodId) ?? [];
    const state = foldTrail(history, household.settings.guidance, histories);
    if (state) {
      const food = { state, eventCount: history.length };
      await saveFood(trx, household.id, food);
      stored.push(food);
    } else await deleteFood(trx, household.id, foodId);
    await othersTurn();
  }
  return stored;
}

/** Folds again what was stored by an older version of the fold. */
export async function refoldStale(db: Database): Promise<void> {
  for (const { householdId, foodId } of await staleFoods(db)) {
    await inTransaction(db, async (trx) => {
      const household = await lockHousehold(trx, householdId);
      if (!household) return;
      await refold(trx, household, [foodId], await historiesOf(trx, householdId, [foodId]));
    });
  }
}
