import type { EatenFood, FoodList, FoodTrail, Settings } from '@omtel/core/api';
import { asEaten, careFor } from '@omtel/core/meal';
import { namesOf } from '@omtel/core/table';
import { useMemo } from 'react';
import { useFoodQuery, useFoodsQuery } from './api';
import { useHousehold } from './useKitchen';

type Table = Settings['table'];
const NO_MEALS: FoodList['meals'] = [];

const seen = new WeakMap<FoodList, { readonly table: Table; readonly list: EatenList }>();

/** What is told of a kitchen, its foods as they stand for who eats of the meals to come. */
export interface EatenList extends FoodList {
  readonly foods: readonly EatenFood[];
}

/** A list with its foods as they are eaten; worked out once for each. */
export function listAsEaten(told: FoodList, table: Table): EatenList {
  const known = seen.get(told);
  if (known?.table === table) return known.list;
  const list = { ...told, foods: asEaten(told.foods, told.meals, table) };
  seen.set(told, { table, list });
  return list;
}

/** The foods at hand as they stand for who eats them, and the meals to come. */
export function useFoods() {
  const query = useFoodsQuery();
  const { table } = useHousehold().settings;
  return { ...query, data: query.data && listAsEaten(query.data, table) };
}

/** A food with its trail, as it stands for who is to eat it. */
export interface EatenTrail extends FoodTrail {
  readonly food: EatenFood;
}

/** One food with its trail, as it stands for who eats it. */
export function useFood(id: string) {
  const query = useFoodQuery(id);
  const meals = useFoodsQuery().data?.meals ?? NO_MEALS;
  const { table } = useHousehold().settings;
  const { data: told } = query;
  const data = useMemo<EatenTrail | undefined>(
    () => told && { ...told, food: asEaten([told.food], meals, table)[0]! },
    [told, meals, table],
  );
  return { ...query, data };
}

/** For whose sake a food is ruled with extra care, and at which meal they eat of it; null where nobody's. */
export function useEatenInCare(foodId: string): { readonly names: string; readonly meal: string } | null {
  const meals = useFoodsQuery().data?.meals ?? NO_MEALS;
  const { table } = useHousehold().settings;
  for (const { wanted } of meals)
    for (const dish of wanted.dishes) {
      const names = dish.foodId === foodId ? namesOf(careFor(wanted, dish, table)) : '';
      if (names) return { names, meal: wanted.name };
    }
  return null;
}
