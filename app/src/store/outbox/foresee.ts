import type { Settings, StoredFood } from '@omtel/core/api';
import type { Guidance } from '@omtel/core/guidance';
import {
  afterMealEvent,
  BrokenTrail,
  dividedFrom,
  foldEvent,
  foldInCare,
  foldTrail,
  type Histories,
  followsOn,
  type FoodState,
  type MealState,
} from '@omtel/core/trail';
import { isOfMeal, type FoodEvent, type KitchenEvent, type MealEvent } from '@omtel/core/record';
import { inCare } from '@omtel/core/table';
import { api } from '../api';
import type { AppDispatch } from '../store';

/** Shows at once what events will lead to, by the same fold the server uses; its answer takes the place of this. */
export function foresee(
  dispatch: AppDispatch,
  events: readonly KitchenEvent[],
  { guidance, table }: Pick<Settings, 'guidance' | 'table'>,
): void {
  const folding = { guidance, twofold: inCare(table).length > 0 };
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
            ? draft.foods.find(({ state }) => state.foodId === event.payload.from)
            : undefined;
        const next = nextOf(
          draft.foods[index] as StoredFood | undefined,
          event,
          folding,
          origin as StoredFood,
        );
        if (!next) return;
        const entry = { ...next, eventCount: (draft.foods[index]?.eventCount ?? 0) + 1 };
        const foods = draft.foods as (typeof entry)[];
        if (next.state.place === 'gone') foods.splice(index, 1);
        else if (index < 0) foods.push(entry);
        else foods[index] = entry;
      }),
    );
    let whole: StoredFood | null = null;
    dispatch(
      api.util.updateQueryData('food', event.foodId, (draft) => {
        const history = [...draft.events, event];
        const states = foldedHere(history as FoodEvent[], folding, new Map(Object.entries(draft.others)));
        whole = states && { ...states, eventCount: history.length };
        return whole ? { ...draft, food: whole, events: history } : undefined;
      }),
    );
    // A correction needs the whole history, which is here where the food's own page was open.
    if (whole && event.type === 'corrected') dispatch(listed(whole));
  }
}

/** A food as it stands, and for who needs extra care. */
type States = Pick<StoredFood, 'state' | 'inCare'>;

interface Folding {
  readonly guidance: Guidance;
  /** Somebody at the table needs extra care. */
  readonly twofold: boolean;
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

/** A food from the histories this device has; null where they are not all, and only the server can tell. */
function foldedHere(history: readonly FoodEvent[], folding: Folding, others: Histories): States | null {
  try {
    return foldedWhole(history, folding, others);
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

function nextOf(
  food: States | undefined,
  event: FoodEvent,
  folding: Folding,
  origin: States | undefined,
): States | null {
  if (!food && event.type === 'portioned')
    return origin ? eachOf(origin, (state) => dividedFrom(state, event)) : null;
  if (!food) return event.type === 'added' ? foldedWhole([event], folding) : null;
  // What needs the whole history waits for the server, which has it.
  return followsOn(food.state, event)
    ? eachOf(food, (state) => foldEvent(state, event, folding.guidance))
    : null;
}

const eachOf = ({ state, inCare }: States, next: (state: FoodState) => FoodState): States => ({
  state: next(state),
  ...(inCare && { inCare: next(inCare) }),
});
