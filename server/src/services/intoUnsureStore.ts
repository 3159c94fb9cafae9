import type { StoreId } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { isStoreRight, type FoodEvent } from '@omtel/core/trail';
import { v5 as uuidFrom } from 'uuid';
import type { Database } from '../db/connect';
import type { HouseholdRow } from '../repositories/households';
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
 * What food learns that goes into a store whose air was last read too warm: the store was so when it came. The id follows
 * from the event's own, so that sending that again says nothing twice.
 */
export async function intoWarmStore(
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
      if (!last || isStoreRight(store, last.temperature, rules)) return [];
      const at = event.at + 1;
      return [
        {
          id: uuidFrom(event.id, NAMESPACE),
          foodId: event.foodId,
          at,
          type: 'storeWarm',
          payload: { since: event.at },
        },
      ];
    }),
  );
  return told.flat();
}

/** Of what the server derives from an event. */
const NAMESPACE = '6f1f3c0a-52a4-4d0e-9d0b-3f1f2b6f6a51';
