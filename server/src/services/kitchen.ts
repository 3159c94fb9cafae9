import type { FoodList } from '@omtel/core/api';
import type { Database } from '../db/connect';
import { listFoods } from '../repositories/foods';
import { lastingPowerCut } from '../repositories/powerCuts';

/** The foods at hand as they stand, and the power cut that lasts, if one does. */
export async function listKitchen(db: Database, householdId: string): Promise<FoodList> {
  const [foods, powerCut] = await Promise.all([listFoods(db, householdId), lastingPowerCut(db, householdId)]);
  return { foods, powerCut };
}
