import { setImmediate as othersTurn } from 'node:timers/promises';
import type { StoredFood } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { settle, type FoodEvent } from '@omtel/core/record';
import { inCare } from '@omtel/core/table';
import { foldInCare, foldTrail, setAside, type Histories } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { writeTogether } from '../db/together';
import { findFood, foodsSaved, type Folded } from '../repositories/foods';
import type { HouseholdRow } from '../repositories/households';

type Folds = Pick<HouseholdRow, 'id' | 'settings'>;

/** Whether a food that will not fold is set aside, as it was last known, instead of stopping everything. */
export type MaySetAside = (last: StoredFood, error: unknown) => boolean;

/** What was set aside before stays so, and what is recorded of it is kept all the same. */
const asBefore: MaySetAside = ({ state }) => state.setAside === true;

/**
 * Folds the whole histories of foods again, by the guidance the household follows now. Between two foods others have their
 * turn.
 *
 * @param histories of the foods and of all they refer to
 * @throws BrokenTrail for a food without a beginning
 */
export async function folded(
  trx: Database,
  household: Folds,
  foodIds: readonly string[],
  histories: Histories,
  maySetAside: MaySetAside = asBefore,
): Promise<Folded> {
  const [foods, withdrawn] = [[] as StoredFood[], [] as string[]];
  for (const foodId of foodIds) {
    const states = await statesFrom(trx, household, foodId, histories, maySetAside);
    if (states) foods.push({ ...states, eventCount: histories.get(foodId)?.length ?? 0 });
    else withdrawn.push(foodId);
    await othersTurn();
  }
  return { foods, withdrawn };
}

/** The same, and stores what comes of it. */
export async function refold(
  trx: Database,
  household: Folds,
  foodIds: readonly string[],
  histories: Histories,
  maySetAside?: MaySetAside,
): Promise<void> {
  const outcome = await folded(trx, household, foodIds, histories, maySetAside);
  await writeTogether(trx, foodsSaved(trx, household.id, outcome));
}

/** A food as it stands, and for who needs extra care, where somebody at the table does. */
async function statesFrom(
  trx: Database,
  { id, settings }: Folds,
  foodId: string,
  histories: Histories,
  maySetAside: MaySetAside,
): Promise<Pick<StoredFood, 'state' | 'inCare'> | null> {
  const history = histories.get(foodId) ?? [];
  try {
    const state = foldTrail(history, settings.guidance, histories);
    if (!state || inCare(settings.table).length === 0) return state && { state };
    return { state, inCare: foldInCare(history, settings.guidance, histories)! };
  } catch (error) {
    const last = await findFood(trx, id, foodId);
    if (!last || !maySetAside(last, error)) throw error;
    const events = settle(history);
    // Even a food nobody can read the history of is thrown away when somebody says so.
    const place = events.some(({ type }) => LEAVES.has(type)) ? 'gone' : last.state.place;
    const at = events.at(-1)?.at ?? 0;
    return { state: setAside({ ...last.state, foodId, place }, at, rulesFor(settings.guidance)) };
  }
}

/** What leaves the kitchen for good, folded or not. */
const LEAVES: ReadonlySet<FoodEvent['type']> = new Set(['eaten', 'discarded', 'joinedTo']);
