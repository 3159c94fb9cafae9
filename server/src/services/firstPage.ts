import type { FirstPage } from '@omtel/core/api';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { getHousehold, presentHousehold } from './household';
import { listKitchen } from './kitchen';

/**
 * What the first page needs at once, so that it need not ask: the household, and its foods.
 *
 * @throws Refusal when the household is gone
 */
export async function firstPage(db: Database, householdId: string, wall: WallClock): Promise<FirstPage> {
  const [household, foods] = await Promise.all([getHousehold(db, householdId), listKitchen(db, householdId)]);
  return { household: presentHousehold(household, wall), foods };
}
