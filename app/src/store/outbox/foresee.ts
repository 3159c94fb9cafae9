import type { StoredFood } from '@omtel/core/api';
import type { Guidance } from '@omtel/core/guidance';
import {
  afterMealEvent,
  BrokenTrail,
  dividedFrom,
  foldEvent,
  foldTrail,
  type Histories,
  followsOn,
  type FoodState,
  type MealState,
} from '@omtel/core/trail';
import { isOfMeal, type FoodEvent, type KitchenEvent, type MealEvent } from '@omtel/core/record';
import { api } from '../api';
import type { AppDispatch } from '../store';

/** Shows at once what events will lead to, by the same fold the server uses; its answer takes the place of this. */
export function foresee(dispatch: AppDispatch, events: readonly KitchenEvent[], guidance: Guidance): void {
  for (const event of events) {
    if (isOfMeal(event)) {
      dispatch(mealListed(event));
      continue;
    }
    dispatch(
      api.util.updateQueryData('foods', undefined, (draft) => {
        const index = draft.foods.findIndex(({ state }) => state.foodId === event.foodId);
        const origin =
          event.type === 'portioned'
            ? draft.foods.find(({ state }) => state.foodId === event.payload.from)?.state
            : undefined;
        const next = nextState(draft.foods[index]?.state, event, guidance, origin);
        if (!next) return;
        const entry = { state: next, eventCount: (draft.foods[index]?.eventCount ?? 0) + 1 };
        const foods = draft.foods as (typeof entry)[];
        if (next.place === 'gone') foods.splice(index, 1);
        else if (index < 0) foods.push(entry);
        else foods[index] = entry;
      }),
    );
    let whole: StoredFood | null = null;
    dispatch(
      api.util.updateQueryData('food', event.foodId, (draft) => {
        const history = [...draft.events, event];
        const state = foldedHere(history as FoodEvent[], guidance, new Map(Object.entries(draft.others)));
        whole = state && { state, eventCount: history.length };
        return whole ? { ...draft, food: whole, events: history } : undefined;
      }),
    );
    // A correction needs the whole history, which is here where the food's own page was open.
    if (whole && event.type === 'corrected') dispatch(listed(whole));
  }
}

/** A food from the histories this device has; null where they are not all, and only the server can tell. */
function foldedHere(history: readonly FoodEvent[], guidance: Guidance, others: Histories): FoodState | null {
  try {
    return foldTrail(history, guidance, others);
  } catch (error) {
    if (error instanceof BrokenTrail) return null;
    throw error;
  }
}

/** The meals with one as it is after something more was said of it. */
const mealListed = (event: MealEvent) =>
  api.util.updateQueryData('foods', undefined, (draft) => {
    const meals = draft.meals as MealState[];
    const index = meals.findIndex(({ mealId }) => mealId === event.mealId);
    if (index < 0 && event.type !== 'mealPlanned') return;
    const meal = afterMealEvent(meals[index] ?? null, event);
    if (meal.dropped) meals.splice(index, 1);
    else if (index < 0) meals.push(meal);
    else meals[index] = meal;
  });

/** The list of foods with one as it is now. */
const listed = (food: StoredFood) =>
  api.util.updateQueryData('foods', undefined, (draft) => {
    const foods = draft.foods as StoredFood[];
    const index = foods.findIndex(({ state }) => state.foodId === food.state.foodId);
    if (index < 0) return;
    if (food.state.place === 'gone') foods.splice(index, 1);
    else foods[index] = food;
  });

function nextState(
  state: FoodState | undefined,
  event: FoodEvent,
  guidance: Guidance,
  origin: FoodState | undefined,
): FoodState | null {
  if (!state && event.type === 'portioned') return origin ? dividedFrom(origin, event) : null;
  if (!state) return event.type === 'added' ? foldTrail([event], guidance) : null;
  // What needs the whole history waits for the server, which has it.
  return followsOn(state, event) ? foldEvent(state, event, guidance) : null;
}
