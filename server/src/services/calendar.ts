import { asEaten, kitchenFor, mealLine, mealStepWords, rulesOfDish } from '@omtel/core/meal';
import { scheduleOf, stepWords } from '@omtel/core/plan';
import { rulesOfFood, type FoodState, type MealState } from '@omtel/core/trail';
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
  const entries = [
    ...meals.flatMap((meal) => ofMeal(meal, foods, household)),
    ...(mealId === undefined ? foods.flatMap((food) => ofFood(food, household, now)) : []),
  ];
  const name = mealId === undefined ? household.name : meals[0]!.wanted.name;
  return calendarFile(name, entries, {
    zone: household.settings.zone,
    stamp: wall.now(),
    sequence: household.lastSeq,
  });
}

function ofMeal(meal: MealState, foods: readonly FoodState[], { settings }: HouseholdRow): CalendarEntry[] {
  const { serveAt } = meal.schedule ?? meal.wanted;
  const tasks = meal.schedule?.tasks ?? [];
  const from = Math.min(serveAt, ...tasks.map(({ startAt }) => startAt));
  const { cooks } = kitchenFor(settings, from, serveAt + DAY_MS);
  const line = mealLine(meal, foods, cooks);
  const nameOf = (id: string | null) =>
    cooks.length > 1 ? cooks.find((cook) => cook.id === id)?.name : undefined;
  return (line?.steps ?? [])
    .filter(({ doneAt, kind }) => doneAt === null && kind !== 'stir' && kind !== 'turn')
    .map((step): CalendarEntry => {
      const food = foods.find(({ foodId }) => foodId === step.dish?.foodId) ?? null;
      const rules = rulesOfDish(meal.wanted, step.dish ?? {}, food, settings);
      const { title, detail } = mealStepWords(step, { rules, units: settings.units, food });
      const who = nameOf(step.cook);
      return {
        id: `${meal.mealId}.${step.id}`,
        at: step.at,
        lastsMs: step.busyMs,
        title: `${meal.wanted.name}: ${title}`,
        detail: who ? `${detail} For ${who}.` : detail,
      };
    });
}

function ofFood(food: FoodState, { settings }: HouseholdRow, now: number): CalendarEntry[] {
  const rules = rulesOfFood(food, settings.guidance);
  return (scheduleOf(food, now, rules)?.steps ?? [])
    .filter(({ doneAt }) => doneAt === null)
    .map((step): CalendarEntry => {
      const { title, detail } = stepWords(step, food, settings.units, rules);
      return {
        id: `${food.foodId}.${step.kind}`,
        at: step.at,
        lastsMs: 0,
        title: `${food.name}: ${title}`,
        detail,
      };
    });
}
