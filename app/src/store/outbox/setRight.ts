import { isOfMeal, type KitchenEvent } from '@omtel/core/record';
import { newEvent, newMealEvent } from './record';

/** How an entry is set right: it happened then, or not at all. */
export type SetRight = { readonly at: number } | { readonly withdrawn: true };

/**
 * The entry that sets another right. Of a meal only ticks are: a plan is changed by planning anew.
 *
 * @returns null where there is nothing to set right
 */
export function setRight(event: KitchenEvent, now: number, how: SetRight): KitchenEvent | null {
  if (!isOfMeal(event)) return newEvent(event.foodId, now, 'corrected', { eventId: event.id, ...how });
  const withdrawn = 'withdrawn' in how;
  switch (event.type) {
    case 'mealTicked':
      return newMealEvent(event.mealId, now, 'mealTicked', {
        ...event.payload,
        at: withdrawn ? null : how.at,
      });
    case 'mealBought':
      return newMealEvent(event.mealId, now, 'mealBought', {
        ...event.payload,
        at: withdrawn ? null : how.at,
      });
    case 'mealPlanned':
      return withdrawn ? newMealEvent(event.mealId, now, 'mealDropped', {}) : null;
    case 'mealScheduled':
    case 'mealDropped':
      return null;
  }
}
