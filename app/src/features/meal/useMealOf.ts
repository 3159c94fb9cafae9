import type { PlannedDish } from '@omtel/core/record';
import type { MealState } from '@omtel/core/trail';
import { useFoods } from '../../store/useFoods';

/** The meal a food is cooked for, and the dish it is of. */
export interface MealOf {
  readonly meal: MealState;
  readonly dish: Extract<PlannedDish, { kind: 'cooked' }>;
}

/** The next meal for which a food is cooked; null for one that is for none. */
export function useMealOf(foodId: string): MealOf | null {
  const { data } = useFoods();
  for (const meal of data?.meals ?? [])
    for (const dish of meal.wanted.dishes)
      if (dish.kind === 'cooked' && dish.foodId === foodId) return { meal, dish };
  return null;
}
