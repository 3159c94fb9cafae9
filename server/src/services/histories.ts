import { referredTo, type FoodEvent } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { eventsOfFood } from '../repositories/events';

/** The histories of the foods that a history refers to, and of those these came from. */
export async function othersOf(
  db: Database,
  householdId: string,
  events: readonly FoodEvent[],
): Promise<Map<string, readonly FoodEvent[]>> {
  const others = new Map<string, readonly FoodEvent[]>();
  for (let wanted = [...referredTo(events)]; wanted.length;) {
    const foodId = wanted.shift()!;
    if (others.has(foodId)) continue;
    const history = await eventsOfFood(db, householdId, foodId);
    others.set(foodId, history);
    wanted = [...wanted, ...referredTo(history)];
  }
  return others;
}
