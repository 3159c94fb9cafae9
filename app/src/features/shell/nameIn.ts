import type { FoodList } from '@omtel/core/api';
import { subjectOf, type KitchenEvent } from '@omtel/core/record';

/** The name of the food or the meal an entry is of, where it is at hand. */
export function nameIn(list: FoodList | undefined, event: KitchenEvent): string | undefined {
  const subject = subjectOf(event);
  return (
    list?.foods.find(({ state }) => state.foodId === subject)?.state.name ??
    list?.meals.find(({ mealId }) => mealId === subject)?.wanted.name
  );
}
