import { asEaten } from '@omtel/core/meal';
import { stepsOfFood, stepsOfMeal } from '@omtel/core/reminders';
import { saidBy } from '@omtel/core/time';
import { DAY_MS } from '@omtel/core/units';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { listFoods } from '../repositories/foods';
import type { HouseholdRow } from '../repositories/households';
import { mealsSince } from '../repositories/meals';
import { calendarFile, type CalendarEntry } from './calendarFile';
import { householdNow } from './householdClock';
import { Refusal } from './refusal';

/**
 * What there is to do for the meals and single foods planned, as an iCalendar file (RFC 5545): what is done is left out, what is to
 * come has an alarm.
 *
 * @param mealId one meal alone
 * @throws Refusal for a meal there is not
 */
export async function calendarOf(
  db: Database,
  household: HouseholdRow,
  wall: WallClock,
  mealId?: string,
): Promise<string> {
  const now = householdNow(household, wall);
  const [stored, planned] = await Promise.all([
    listFoods(db, household.id),
    mealsSince(db, household.id, now - DAY_MS),
  ]);
  const foods = asEaten(stored, planned, household.settings.table).map(({ state }) => state);
  const meals = mealId === undefined ? planned : planned.filter((meal) => meal.mealId === mealId);
  if (mealId !== undefined && meals.length === 0) throw new Refusal(404, 'There is no such meal to come.');
  const { settings } = household;
  const steps = saidBy(settings.times.face, () => [
    ...meals.flatMap((meal) => stepsOfMeal(meal, foods, settings)),
    ...(mealId === undefined ? foods.flatMap((food) => stepsOfFood(food, settings, now)) : []),
  ]);
  const entries = steps
    .filter(({ kind }) => kind !== 'stir' && kind !== 'turn')
    .map(({ key, at, lastsMs, title, detail }): CalendarEntry => ({ id: key, at, lastsMs, title, detail }));
  const name = mealId === undefined ? household.name : meals[0]!.wanted.name;
  return calendarFile(name, entries, {
    zone: settings.zone,
    stamp: wall.now(),
    sequence: household.lastSeq,
  });
}
