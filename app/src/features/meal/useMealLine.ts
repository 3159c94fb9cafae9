import {
  kitchenFor,
  mealLine,
  mealStepWords,
  type Cook,
  type MealLine,
  type MealStep,
} from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import { rulesOfFood, type FoodState, type MealState } from '@omtel/core/trail';
import { DAY_MS } from '@omtel/core/units';
import { useMemo } from 'react';
import { useFoodsQuery } from '../../store/api';
import { useHousehold, useKitchen } from '../../store/useKitchen';

/** The foods of a meal that are in the stores. */
export function foodsOf({ wanted }: MealState, foods: readonly FoodState[]): readonly FoodState[] {
  const ids = new Set(wanted.dishes.map(({ foodId }) => foodId));
  return foods.filter(({ foodId }) => ids.has(foodId));
}

export interface Followed {
  readonly line: MealLine | null;
  readonly foods: readonly FoodState[];
  readonly cooks: readonly Cook[];
  readonly wordsOf: (step: MealStep) => StepWords;
}

/** A meal as it goes on, with its words; anew when something of it happens, not with the clock. */
export function useMealLine(meal: MealState): Followed {
  const { data } = useFoodsQuery();
  const { settings } = useHousehold();
  const { units, rules, guidance } = useKitchen();
  return useMemo(() => {
    const foods = foodsOf(
      meal,
      (data?.foods ?? []).map(({ state }) => state),
    );
    const tasks = meal.schedule?.tasks ?? [];
    const { serveAt } = meal.schedule ?? meal.wanted;
    const from = Math.min(serveAt, ...tasks.map(({ startAt }) => startAt));
    const { cooks } = kitchenFor(settings, from, serveAt + DAY_MS);
    const foodOf = ({ dish }: MealStep) => foods.find(({ foodId }) => foodId === dish?.foodId) ?? null;
    return {
      line: mealLine(meal, foods, cooks),
      foods,
      cooks,
      wordsOf: (step) => {
        const food = foodOf(step);
        return mealStepWords(step, { rules: food ? rulesOfFood(food, guidance) : rules, units, food });
      },
    };
    // The rules follow from the guidance, and are made anew with every glance at the clock.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [meal, data, settings, units, guidance]);
}
