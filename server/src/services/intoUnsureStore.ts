import type { StoreId } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { isStoreRight, type EventType, type FoodEvent, type Payload } from '@omtel/core/trail';
import { v5 as uuidFrom } from 'uuid';
import type { Database } from '../db/connect';
import type { HouseholdRow } from '../repositories/households';
import { powerCutAt } from '../repositories/powerCuts';
import { storeReadingsUntil } from '../repositories/storeReadings';

/** The store an event puts its food into, if any. */
function storeOf({ type, payload }: FoodEvent): StoreId | null {
  const place =
    type === 'moved' || type === 'putAway' || type === 'added'
      ? payload.place
      : type === 'thawStarted' && payload.method === 'refrigerator'
        ? 'refrigerator'
        : null;
  return place === 'refrigerator' || place === 'freezer' ? place : null;
}

/**
 * What food learns that goes into a store that cannot be relied on: its air was last read too warm, or its power is off, and
 * so it was when the food came.
 */
export async function intoUnsureStore(
  db: Database,
  { id, settings }: HouseholdRow,
  events: readonly FoodEvent[],
): Promise<FoodEvent[]> {
  const rules = rulesFor(settings.guidance);
  const told = await Promise.all(
    events.map(async (event): Promise<FoodEvent[]> => {
      const store = storeOf(event);
      if (!store) return [];
      const [last] = await storeReadingsUntil(db, id, store, event.at, 1);
      const warm = last && !isStoreRight(store, last.temperature, rules);
      const cut = await powerCutAt(db, id, event.at);
      return [
        ...(warm ? [toldWith(event, 'storeWarm', { since: event.at })] : []),
        // To put it there, somebody opened the door.
        ...(cut
          ? [toldWith(event, 'powerOff', { since: cut.offAt, freezer: cut.freezer, opened: [store] })]
          : []),
        ...(cut?.onAt ? [{ ...toldWith(event, 'powerOn', {}), at: cut.onAt }] : []),
      ];
    }),
  );
  return told.flat();
}

/** What is told with an event. The id follows from the event's own, so that sending that again says nothing twice. */
function toldWith<Type extends EventType>(
  { id, foodId, at }: FoodEvent,
  type: Type,
  payload: Payload<Type>,
): FoodEvent {
  return { id: uuidFrom(`${id} ${type}`, NAMESPACE), foodId, at: at + 1, type, payload } as FoodEvent;
}

/** Of what the server derives from an event. */
const NAMESPACE = '6f1f3c0a-52a4-4d0e-9d0b-3f1f2b6f6a51';
