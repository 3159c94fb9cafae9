import type { FoodList } from '@omtel/core/api';
import { notForCare, type Ruling } from '@omtel/core/judge';
import { inCare, namesOf } from '@omtel/core/table';
import type { FoodState } from '@omtel/core/trail';
import { useFoods } from './useFoods';
import { useKitchen } from './useKitchen';

/** For whom a food is not that others may eat, and why. */
export interface NotFor {
  readonly names: string;
  readonly ruling: Ruling;
}

const byFood = new WeakMap<FoodList, ReadonlyMap<string, FoodState>>();

/** The foods of a list as they stand for who needs extra care, looked through once. */
function inCareOf(list: FoodList): ReadonlyMap<string, FoodState> {
  const known = byFood.get(list);
  if (known) return known;
  const found = new Map(
    list.foods.flatMap(({ state, inCare: theirs }) => (theirs ? [[state.foodId, theirs] as const] : [])),
  );
  byFood.set(list, found);
  return found;
}

/** For whom a food at hand is not, by the names they gave; null where it is for everybody who eats here, or nobody. */
export function useNotFor(food: FoodState): NotFor | null {
  const kitchen = useKitchen(food);
  const { data } = useFoods();
  const names = namesOf(inCare(kitchen.settings.table));
  // Who was taken from the table is gone from here before the foods are told anew.
  const theirs = data && names ? inCareOf(data).get(food.foodId) : undefined;
  const ruling = notForCare(food, theirs, kitchen);
  return ruling && { names, ruling };
}
