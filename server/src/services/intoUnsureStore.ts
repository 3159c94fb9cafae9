import { rulesFor } from '@omtel/core/guidance';
import type { FoodEvent } from '@omtel/core/record';
import { liesIn, storeOf, toldOnEntry } from '@omtel/core/stores';
import type { Database } from '../db/connect';
import type { HouseholdRow } from '../repositories/households';
import { powerCutsIn } from '../repositories/powerCuts';
import { storeReadingsAt } from '../repositories/storeReadings';
import { toldBecauseOf } from './told';

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
    const cut = cuts.find((each) => liesIn(event.at, each));
    return toldOnEntry(event, store, readings[index], cut, rules).map((told) =>
      toldBecauseOf(event.id, event.foodId, told),
    );
  });
}
