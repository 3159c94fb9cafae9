import type { z } from 'zod';
import type { FoodEvent } from './events';
import type { mealPayloads, PlacedTask, PlannedDish } from './mealSchema';

export type { PlacedTask, PlannedDish };

export type MealEventType = keyof typeof mealPayloads;
export type MealPayload<Type extends MealEventType> = z.infer<(typeof mealPayloads)[Type]>;

/** One thing said of a meal. Of two that speak of the same, the one the household took in last holds. */
export type MealEvent<Type extends MealEventType = MealEventType> = {
  [T in Type]: {
    readonly id: string;
    readonly mealId: string;
    readonly at: number;
    readonly type: T;
    readonly payload: MealPayload<T>;
    readonly seq?: number;
  };
}[Type];

/** Anything a household records. */
export type KitchenEvent = FoodEvent | MealEvent;

/** The types there are, by name. */
export const mealEventTypes = [
  'mealPlanned',
  'mealScheduled',
  'mealTicked',
  'mealBought',
  'mealDropped',
] as const satisfies readonly MealEventType[];

export const isOfMeal = (event: KitchenEvent): event is MealEvent => 'mealId' in event;

/** What an event is about: its food, or its meal. */
export const subjectOf = (event: KitchenEvent): string => (isOfMeal(event) ? event.mealId : event.foodId);
