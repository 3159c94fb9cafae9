import type { Log, LogEntry } from '@omtel/core/api';
import { pageSchema, type Cursor } from '@omtel/core/intake';
import { asCorrected, isBeginning, isOfMeal, type FoodEvent } from '@omtel/core/record';
import type { Database } from '../db/connect';
import { correctionsOf, eventsOfFoods, pageOfEvents } from '../repositories/events';
import { foodNames } from '../repositories/foods';
import { mealNames } from '../repositories/meals';
import { peopleNames } from '../repositories/people';

const MOST_ON_PAGE = 60;

/** A page of what happened in a household, newest first, each as it was set right; what was taken back says so. */
export async function logOf(
  db: Database,
  householdId: string,
  before?: Cursor,
  most = MOST_ON_PAGE,
): Promise<Log> {
  const { rows, next } = await pageOfEvents(db, householdId, most, before);
  const events = rows.map(({ event }) => event);
  const ofFoods = events.filter((event): event is FoodEvent => !isOfMeal(event));
  const foodIds = [...new Set(ofFoods.map(({ foodId }) => foodId))];
  const mealIds = [...new Set(events.filter(isOfMeal).map(({ mealId }) => mealId))];
  const [names, meals, corrections, people] = await Promise.all([
    foodNames(db, householdId, foodIds),
    mealNames(db, householdId, mealIds),
    correctionsOf(db, householdId, foodIds),
    peopleNames(db, householdId),
  ]);
  // A food whose coming was taken back is no food any more, but what was entered of it had its name.
  const gone = foodIds.filter((id) => !names.has(id));
  for (const [id, history] of await eventsOfFoods(db, householdId, gone))
    names.set(id, history.find(isBeginning)?.payload.name ?? '');
  const read = asCorrected(corrections);
  const entries = rows
    .map(({ event, personId }): LogEntry => {
      const by = personId === null ? undefined : people.get(personId);
      if (isOfMeal(event)) return { event, name: meals.get(event.mealId)!, ...(by && { by }) };
      const corrected = read(event);
      return {
        event: corrected ?? event,
        name: names.get(event.foodId)!,
        ...(by && { by }),
        ...(!corrected && { takenBack: true }),
      };
    })
    .sort((a, b) => b.event.at - a.event.at || (a.event.id < b.event.id ? 1 : -1));
  return { entries, next };
}

const MOST_IN_FILE = 1_000;

/** All that happened in a household, newest first, a part at a time. */
export async function* wholeLog(db: Database, householdId: string): AsyncGenerator<Log['entries']> {
  for (let before: Cursor | undefined; ;) {
    const { entries, next } = await logOf(db, householdId, before, MOST_IN_FILE);
    yield entries;
    if (next === null) return;
    before = pageSchema.parse({ before: next }).before;
  }
}
