import type { LogEntry } from '@omtel/core/api';
import { asCorrected, isBeginning } from '@omtel/core/record';
import type { Database } from '../db/connect';
import { correctionsOf, eventsOfFoods, latestEvents } from '../repositories/events';
import { foodNames } from '../repositories/foods';

/** What happened last in a household, newest first, each as it was set right; what was taken back says so. */
export async function logOf(db: Database, householdId: string, most: number): Promise<readonly LogEntry[]> {
  const events = await latestEvents(db, householdId, most);
  const foodIds = [...new Set(events.map(({ foodId }) => foodId))];
  const [names, corrections] = await Promise.all([
    foodNames(db, householdId, foodIds),
    correctionsOf(db, householdId, foodIds),
  ]);
  // A food whose coming was taken back is no food any more, but what was entered of it had its name.
  const gone = foodIds.filter((id) => !names.has(id));
  for (const [id, history] of await eventsOfFoods(db, householdId, gone))
    names.set(id, history.find(isBeginning)?.payload.name ?? '');
  const read = asCorrected(corrections);
  return events
    .map((event): LogEntry => {
      const corrected = read(event);
      return {
        event: corrected ?? event,
        foodName: names.get(event.foodId)!,
        ...(!corrected && { takenBack: true }),
      };
    })
    .sort((a, b) => b.event.at - a.event.at || (a.event.id < b.event.id ? 1 : -1));
}
