import type { StoreReading } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { isStoreRight, type FoodEvent } from '@omtel/core/trail';
import { v7 as uuid } from 'uuid';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { listFoods } from '../repositories/foods';
import { lockHousehold } from '../repositories/households';
import { insertStoreReading, storeReadingsUntil } from '../repositories/storeReadings';
import { householdNow } from './householdClock';
import { AHEAD_MS, recordEvents } from './recordEvents';
import { Refusal } from './refusal';

/** A spell of warm air is looked for no further back than this many readings. */
const LOOKED_BACK = 500;

/**
 * Records what the air of a store read. When it turns too warm, or right again, every food in it learns so. Sending the
 * same reading again is harmless.
 *
 * @throws Refusal for a reading that lies in the future
 */
export async function recordStoreReading(
  db: Database,
  householdId: string,
  reading: StoreReading,
  wall: WallClock,
): Promise<void> {
  await db.transaction(async (trx) => {
    const household = await lockHousehold(trx, householdId);
    if (!household) throw new Refusal(401, 'Sign in first.');
    if (reading.at > householdNow(household, wall) + AHEAD_MS)
      throw new Refusal(422, 'That has not happened yet. Check the time.');
    const { store, at } = reading;
    const before = await storeReadingsUntil(trx, householdId, store, at, LOOKED_BACK);
    if (!(await insertStoreReading(trx, householdId, reading))) return;

    const rules = rulesFor(household.settings.guidance);
    const right = ({ temperature }: StoreReading) => isStoreRight(store, temperature, rules);
    const wasRight = before[0] === undefined || right(before[0]);
    if (right(reading) === wasRight) return;
    const since = before.find(right)?.at ?? at;
    const foods = (await listFoods(trx, householdId)).filter(({ state }) => state.place === store);
    const events = foods.map(({ state: { foodId } }): FoodEvent => {
      const happened = { id: uuid(), foodId, at };
      return wasRight
        ? { ...happened, type: 'storeWarm', payload: { since } }
        : { ...happened, type: 'storeRight', payload: {} };
    });
    if (events.length) await recordEvents(trx, householdId, events, wall);
  });
}
