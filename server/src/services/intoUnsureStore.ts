import type { StoreId } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { isStoreRight } from '@omtel/core/clocks';
import type { EventType, FoodEvent } from '@omtel/core/record';
import type { Database } from '../db/connect';
import type { HouseholdRow } from '../repositories/households';
import { liesIn, powerCutsIn } from '../repositories/powerCuts';
import { storeReadingsAt } from '../repositories/storeReadings';
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
  const entries = events.flatMap((event) => {
    const store = storeOf(event);
    return store ? [{ event, store, at: event.at }] : [];
  });
  if (entries.length === 0) return [];
  const rules = rulesFor(settings.guidance);
  const moments = entries.map(({ at }) => at);
  const readings = await storeReadingsAt(db, id, entries);
  const cuts = await powerCutsIn(db, id, [Math.min(...moments), Math.max(...moments)]);
  return entries.flatMap(({ event, store }, index): FoodEvent[] => {
    const last = readings[index];
    const warm = last && !isStoreRight(store, last.temperature, rules);
    const cut = cuts.find((each) => liesIn(event.at, each));
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
  });
}
