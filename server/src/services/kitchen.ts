import type { FoodList } from '@omtel/core/api';
import { DAY_MS } from '@omtel/core/units';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { listFoods } from '../repositories/foods';
import type { HouseholdRow } from '../repositories/households';
import { mealsSince } from '../repositories/meals';
import { lastingPowerCut } from '../repositories/powerCuts';
import { householdNow } from './householdClock';

/** A meal is looked at for so long after it: what is left of it is put away, and looked back on. */
const MEAL_KEPT_MS = 2 * DAY_MS;

/** The foods at hand as they stand, the meals to come, and the power cut that lasts, if one does. */
export async function listKitchen(db: Database, household: HouseholdRow, wall: WallClock): Promise<FoodList> {
  const { id } = household;
  const [foods, meals, powerCut] = await Promise.all([
    listFoods(db, id),
    mealsSince(db, id, householdNow(household, wall) - MEAL_KEPT_MS),
    lastingPowerCut(db, id),
  ]);
  // What was read after it may know more, and is told once again.
  return { foods, meals, powerCut, heard: { seq: household.lastSeq, turn: household.turn } };
}
