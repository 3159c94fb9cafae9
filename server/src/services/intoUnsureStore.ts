import type { StoreId } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { isStoreRight } from '@omtel/core/clocks';
import type { EventType, FoodEvent } from '@omtel/core/record';
import type { Database } from '../db/connect';
import type { HouseholdRow } from '../repositories/households';
import { powerCutAt } from '../repositories/powerCuts';
import { storeReadingsUntil } from '../repositories/storeReadings';
import { toldBecauseOf } from './told';

/** What can put food into a store. */
export const ENTRIES: readonly EventType[] = ['added', 'moved', 'putAway', 'thawStarted'];

/** The store an event puts its food into, if any. */
export function storeOf({ type, payload }: FoodEvent): StoreId | null {
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
      const { id: cause, foodId } = event;
      const at = event.at + 1;
      return [
        ...(warm ? [toldBecauseOf(cause, foodId, at, 'storeWarm', { since: event.at })] : []),
        // To put it there, somebody opened the door.
        ...(cut
          ? [
              toldBecauseOf(cause, foodId, at, 'powerOff', {
                since: cut.offAt,
                freezer: cut.freezer,
                opened: [store],
              }),
            ]
          : []),
        ...(cut?.onAt ? [toldBecauseOf(cause, foodId, cut.onAt, 'powerOn', {})] : []),
      ];
    }),
  );
  return told.flat();
}
