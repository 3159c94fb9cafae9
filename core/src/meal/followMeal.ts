import type { StepWords } from '../plan';
import type { FoodState, MealState } from '../trail';
import { DAY_MS, type UnitSystem } from '../units';
import type { Cook } from './kitchen';
import { kitchenFor, type KitchenSettings } from './kitchenFor';
import { mealLine, type MealLine, type MealStep } from './mealSteps';
import { mealStepWords } from './mealWords';
import { rulesOfDish, type RuledAt } from './whoEats';

/** A meal as it goes on, with its words. */
export interface Followed {
  readonly meal: MealState;
  readonly line: MealLine | null;
  /** Those of its foods that are in the stores. */
  readonly foods: readonly FoodState[];
  readonly cooks: readonly Cook[];
  readonly wordsOf: (step: MealStep) => StepWords;
}

/** The foods of a meal that are in the stores. */
export function foodsOf(
  { wanted }: Pick<MealState, 'wanted'>,
  foods: readonly FoodState[],
): readonly FoodState[] {
  const ids = new Set(wanted.dishes.map(({ foodId }) => foodId));
  return foods.filter(({ foodId }) => ids.has(foodId));
}

/** A meal as it goes on; anew when something of it happens, not with the clock. */
export function followMeal(
  meal: MealState,
  all: readonly FoodState[],
  settings: KitchenSettings & RuledAt & { readonly units: UnitSystem },
): Followed {
  const foods = foodsOf(meal, all);
  const tasks = meal.schedule?.tasks ?? [];
  const { serveAt } = meal.schedule ?? meal.wanted;
  const from = Math.min(serveAt, ...tasks.map(({ startAt }) => startAt));
  const { cooks } = kitchenFor(settings, from, serveAt + DAY_MS);
  return {
    meal,
    line: mealLine(meal, foods, cooks),
    foods,
    cooks,
    wordsOf: (step) => {
      const food = foods.find(({ foodId }) => foodId === step.dish?.foodId) ?? null;
      const rules = rulesOfDish(meal.wanted, step.dish ?? {}, food, settings);
      return mealStepWords(step, { rules, units: settings.units, food });
    },
  };
}
