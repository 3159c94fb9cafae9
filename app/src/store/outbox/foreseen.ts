import type { FoodList, FoodTrail, Settings, StoredFood } from '@omtel/core/api';
import type { Guidance } from '@omtel/core/guidance';
import { isOfMeal, type FoodEvent, type KitchenEvent, type MealEvent } from '@omtel/core/record';
import { inCare } from '@omtel/core/table';
import {
  afterMealEvent,
  BrokenTrail,
  dividedFrom,
  foldEvent,
  foldInCare,
  foldTrail,
  followsOn,
  type FoodState,
  type Histories,
} from '@omtel/core/trail';

/** By what foods are folded on this device. */
export interface Folding {
  readonly guidance: Guidance;
  /** Somebody at the table needs extra care. */
  readonly twofold: boolean;
}

export const foldingBy = ({ guidance, table }: Pick<Settings, 'guidance' | 'table'>): Folding => ({
  guidance,
  twofold: inCare(table).length > 0,
});

/** A food as it stands, and for who needs extra care. */
type States = Pick<StoredFood, 'state' | 'inCare'>;

/** The kitchen after something more was recorded, as far as it can be told without the whole history. Told twice it is the same. */
export function listAfter(list: FoodList, event: KitchenEvent, folding: Folding): FoodList {
  if (isOfMeal(event)) return { ...list, meals: mealsAfter(list.meals, event) };
  const known = foodIn(list, event.foodId);
  const origin = event.type === 'portioned' ? foodIn(list, event.payload.from) : undefined;
  const next = statesAfter(known, event, folding, origin);
  return next ? withFood(list, event.foodId, { ...next, eventCount: (known?.eventCount ?? 0) + 1 }) : list;
}

const foodIn = ({ foods }: FoodList, foodId: string): StoredFood | undefined =>
  foods.find(({ state }) => state.foodId === foodId);

/** The list with one food as it is now; null where it never came. */
export function withFood(list: FoodList, foodId: string, food: StoredFood | null): FoodList {
  const { foods } = list;
  const index = foods.findIndex(({ state }) => state.foodId === foodId);
  if (!food || food.state.place === 'gone')
    return index < 0 ? list : { ...list, foods: foods.toSpliced(index, 1) };
  return { ...list, foods: index < 0 ? [...foods, food] : foods.with(index, food) };
}

/** The meals with one as it is after something more was said of it. */
function mealsAfter(meals: FoodList['meals'], event: MealEvent): FoodList['meals'] {
  const index = meals.findIndex(({ mealId }) => mealId === event.mealId);
  if (index < 0 && event.type !== 'mealPlanned') return meals;
  const meal = afterMealEvent(meals[index] ?? null, event);
  if (meal.dropped) return meals.toSpliced(index, 1);
  return index < 0 ? [...meals, meal] : meals.with(index, meal);
}

function statesAfter(
  food: States | undefined,
  event: FoodEvent,
  folding: Folding,
  origin: States | undefined,
): States | null {
  if (!food && event.type === 'portioned')
    return origin ? eachOf(origin, (state) => dividedFrom(state, event)) : null;
  if (!food) return event.type === 'added' ? foldedWhole([event], folding) : null;
  // What needs the whole history waits for who has it.
  return followsOn(food.state, event)
    ? eachOf(food, (state) => foldEvent(state, event, folding.guidance))
    : null;
}

const eachOf = ({ state, inCare }: States, next: (state: FoodState) => FoodState): States => ({
  state: next(state),
  ...(inCare && { inCare: next(inCare) }),
});

/** The histories a food is folded from: its own, and those of the foods it came from. */
export type Trail = Pick<FoodTrail, 'events' | 'others'>;

/** A trail with one more event of its food; what it has already it has once. */
export const withEvent = <Known extends Trail>(trail: Known, event: FoodEvent): Known =>
  trail.events.some(({ id }) => id === event.id) ? trail : { ...trail, events: [...trail.events, event] };

/**
 * The food a trail amounts to.
 *
 * @returns null where it never came; undefined where its history is not all on this device, and only the server can tell
 */
export function foodOf({ events, others }: Trail, folding: Folding): StoredFood | null | undefined {
  try {
    const states = foldedWhole(events, folding, new Map(Object.entries(others)));
    return states && { ...states, eventCount: events.length };
  } catch (error) {
    if (error instanceof BrokenTrail) return undefined;
    throw error;
  }
}

/** A food from whole histories; null where it never came. */
function foldedWhole(
  history: readonly FoodEvent[],
  { guidance, twofold }: Folding,
  others?: Histories,
): States | null {
  const state = foldTrail(history, guidance, others);
  return state && { state, ...(twofold && { inCare: foldInCare(history, guidance, others)! }) };
}
