import type {
  EventType,
  FoodEvent,
  KitchenEvent,
  MealEvent,
  MealEventType,
  MealPayload,
  Payload,
} from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { api } from '../api';
import { householdIn } from '../householdIn';
import type { AppThunk } from '../store';
import { putEvents } from './drawer';
import { foresee } from './foresee';
import { noteNews } from './news';
import { sendOutbox } from './send';

/** Makes an event; its id is made here, so that sending it twice is harmless. */
export function newEvent<Type extends EventType>(
  foodId: string,
  at: number,
  type: Type,
  payload: Payload<Type>,
): FoodEvent {
  return { id: uuid(), foodId, at: Math.round(at), type, payload } as FoodEvent;
}

/** The same for what is said of a meal. */
export function newMealEvent<Type extends MealEventType>(
  mealId: string,
  at: number,
  type: Type,
  payload: MealPayload<Type>,
): MealEvent {
  return { id: uuid(), mealId, at: Math.round(at), type, payload } as MealEvent;
}

/**
 * Records what happened: kept on this device first, shown at once, then sent. When this resolves the entries are safe
 * from a reload; they are sent as soon as the server can be reached.
 */
export const record =
  (...events: readonly KitchenEvent[]): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const { id, settings } = householdIn(getState());
    await putEvents(id, events);
    dispatch(foresee(events, settings));
    // Without the server this device tells foods what it would have told them.
    if (getState().connection.knownAt !== null) dispatch(api.util.invalidateTags(['Food']));
    noteNews(id, events);
    void dispatch(sendOutbox());
  };
