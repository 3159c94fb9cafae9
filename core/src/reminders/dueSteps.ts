import { followMeal, type KitchenSettings, type MealStepKind, type RuledAt } from '../meal';
import { scheduleOf, stepWords, type StepKind } from '../plan';
import { rulesOfFood, type FoodState, type MealState } from '../trail';
import type { UnitSystem } from '../units';

/** What is asked of a household's settings to say what there is to do in it. */
export type StepSettings = KitchenSettings & RuledAt & { readonly units: UnitSystem };

/** A step of a meal, or of a plan for one food, that is not done. */
export interface DueStep {
  /** The same each time it is worked out. */
  readonly key: string;
  readonly kind: MealStepKind | StepKind;
  readonly at: number;
  /** How long hands are busy with it. */
  readonly lastsMs: number;
  readonly title: string;
  readonly detail: string;
  /** Where it is done in the app. */
  readonly page: string;
}

/** The steps of a meal that are not done, each with who does it where several cook. */
export function stepsOfMeal(
  meal: MealState,
  foods: readonly FoodState[],
  settings: StepSettings,
): readonly DueStep[] {
  const { line, cooks, wordsOf } = followMeal(meal, foods, settings);
  const { mealId, wanted } = meal;
  return (line?.steps ?? [])
    .filter(({ doneAt }) => doneAt === null)
    .map((step) => {
      const { title, detail } = wordsOf(step);
      const who = cooks.length > 1 ? cooks.find(({ id }) => id === step.cook)?.name : undefined;
      return {
        key: `${mealId}.${step.id}`,
        kind: step.kind,
        at: step.at,
        lastsMs: step.busyMs,
        title: `${wanted.name}: ${title}`,
        detail: who ? `${detail} For ${who}.` : detail,
        page: `/plan/meal/${mealId}`,
      };
    });
}

/** The steps of the plan for one food that are not done; none where it has no plan. */
export function stepsOfFood(food: FoodState, settings: StepSettings, now: number): readonly DueStep[] {
  const rules = rulesOfFood(food, settings.guidance);
  return (scheduleOf(food, now, rules)?.steps ?? [])
    .filter(({ doneAt }) => doneAt === null)
    .map((step) => {
      const { title, detail } = stepWords(step, food, settings.units, rules);
      return {
        key: `${food.foodId}.${step.kind}`,
        kind: step.kind,
        at: step.at,
        lastsMs: 0,
        title: `${food.name}: ${title}`,
        detail,
        page: `/food/${food.foodId}`,
      };
    });
}
