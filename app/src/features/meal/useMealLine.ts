import type { FoodList, Settings } from '@omtel/core/api';
import {
  kitchenFor,
  mealLine,
  mealStepWords,
  rulesOfDish,
  type Cook,
  type MealLine,
  type MealStep,
} from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import type { FoodState, MealState } from '@omtel/core/trail';
import { DAY_MS } from '@omtel/core/units';
import { useMemo } from 'react';
import { useFoods } from '../../store/useFoods';
import { useHousehold } from '../../store/useKitchen';

/** The foods of a meal that are in the stores. */
export function foodsOf(
  { wanted }: Pick<MealState, 'wanted'>,
  foods: readonly FoodState[],
): readonly FoodState[] {
  const ids = new Set(wanted.dishes.map(({ foodId }) => foodId));
  return foods.filter(({ foodId }) => ids.has(foodId));
}

/** A meal as it goes on, with its words. */
export interface Followed {
  readonly meal: MealState;
  readonly line: MealLine | null;
  readonly foods: readonly FoodState[];
  readonly cooks: readonly Cook[];
  readonly wordsOf: (step: MealStep) => StepWords;
}

/** The meal's line; anew when something of it happens, not with the clock. */
export function useMealLine(meal: MealState): Followed {
  const { data } = useFoods();
  const { settings } = useHousehold();
  return useMemo(() => followed(meal, data, settings), [meal, data, settings]);
}

/** The lines of all meals to come. */
export function useMealLines(): readonly Followed[] {
  const { data } = useFoods();
  const { settings } = useHousehold();
  return useMemo(() => (data?.meals ?? []).map((meal) => followed(meal, data, settings)), [data, settings]);
}

function followed(meal: MealState, data: FoodList | undefined, settings: Settings): Followed {
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
    meal,
    line: mealLine(meal, foods, cooks),
    foods,
    cooks,
    wordsOf: (step) => {
      const food = foodOf(step);
      const rules = rulesOfDish(meal.wanted, step.dish ?? {}, food, settings);
      return mealStepWords(step, { rules, units: settings.units, food });
    },
  };
}
