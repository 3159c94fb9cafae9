import type { FirstPage } from '@omtel/core/api';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import type { Visitor } from '../repositories/sessions';
import { getHousehold, presentHousehold } from './household';
import { listKitchen } from './kitchen';

/**
 * What the first page needs at once, so that it need not ask: the household, its foods and its meals.
 *
 * @throws Refusal when the household is gone
 */
export async function firstPage(
  db: Database,
  { householdId, person }: Visitor,
  wall: WallClock,
): Promise<FirstPage> {
  const household = await getHousehold(db, householdId);
  return {
    household: presentHousehold(household, person, wall),
    foods: await listKitchen(db, household, wall),
  };
}
