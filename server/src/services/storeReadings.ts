import type { StoreReading } from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import type { FoodEvent } from '@omtel/core/record';
import { ENTRIES, storeOf, toldOfAir } from '@omtel/core/stores';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { listFoods } from '../repositories/foods';
import { eventsBetween } from '../repositories/events';
import { lockHousehold, type HouseholdRow } from '../repositories/households';
import {
  deleteStoreReading,
  findStoreReading,
  insertStoreReading,
  storeReadingAfter,
  storeReadingsUntil,
} from '../repositories/storeReadings';
import { householdNow } from './householdClock';
import { intoUnsureStore } from './intoUnsureStore';
import { AHEAD_MS, recordEvents } from './recordEvents';
import { Refusal } from './refusal';
import { toldBecauseOf, toldInstead } from './told';

/** A spell of warm air is looked for no further back than this many readings. */
const LOOKED_BACK = 500;

/**
 * Records what the air of a store read. When it turns too warm, or right again, every food in it learns so. Sending the
 * same reading again is harmless.
 *
 * @param channelId the channel of a device that read it; null for somebody
 * @throws Refusal for a reading that lies in the future
 */
export async function recordStoreReading(
  db: Database,
  householdId: string,
  reading: StoreReading,
  wall: WallClock,
  channelId: number | null = null,
): Promise<void> {
  await changeRecord(db, householdId, wall, async (trx, now) => {
    if (reading.at > now + AHEAD_MS) throw new Refusal(422, 'That has not happened yet. Check the time.');
    if (await findStoreReading(trx, householdId, reading.id)) return null;
    return { reading, change: () => insertStoreReading(trx, householdId, reading, channelId) };
  });
}

/** Takes a reading back: it was another store, or a slip. Taking it back again is harmless. */
export async function takeBackStoreReading(
  db: Database,
  householdId: string,
  id: string,
  wall: WallClock,
): Promise<void> {
  await changeRecord(db, householdId, wall, async (trx) => {
    const reading = await findStoreReading(trx, householdId, id);
    return reading && { reading, change: () => deleteStoreReading(trx, householdId, id) };
  });
}

interface Change {
  /** What comes or goes. */
  readonly reading: StoreReading;
  readonly change: () => Promise<void>;
}

/**
 * Changes the record of a store by one reading. Foods are then told what they would have been told had it always stood as it
 * stands now: by that reading, by the one after it, and on their way into the store between both.
 */
async function changeRecord(
  db: Database,
  householdId: string,
  wall: WallClock,
  plan: (trx: Database, now: number) => Promise<Change | null>,
): Promise<void> {
  await inTransaction(db, async (trx) => {
    const household = await lockHousehold(trx, householdId);
    if (!household) throw new Refusal(401, 'Sign in first.');
    const now = Math.round(householdNow(household, wall));
    const planned = await plan(trx, now);
    if (!planned) return;
    const { reading, change } = planned;
    const next = await storeReadingAfter(trx, householdId, reading);
    const until = next?.at ?? Number.MAX_SAFE_INTEGER;
    const entries = (await eventsBetween(trx, householdId, ENTRIES, [reading.at, until])).filter(
      (event) => storeOf(event) === reading.store,
    );
    const told = async () => [
      ...(await tellOf(trx, household, reading)),
      ...(next ? await tellOf(trx, household, next) : []),
      ...(await intoUnsureStore(trx, household, entries)),
    ];
    const before = await told();
    await change();
    const events = await toldInstead(trx, householdId, now, before, await told());
    if (events.length) await recordEvents(trx, householdId, events, wall);
  });
}

/** What the foods in a store learn by a reading on record that turns it too warm, or right again. */
async function tellOf(trx: Database, household: HouseholdRow, reading: StoreReading): Promise<FoodEvent[]> {
  const { id, store, at } = reading;
  if (!(await findStoreReading(trx, household.id, id))) return [];
  const rules = rulesFor(household.settings.guidance);
  const before = (await storeReadingsUntil(trx, household.id, store, at, LOOKED_BACK)).filter((other) =>
    isBefore(other, reading),
  );
  const told = toldOfAir(reading, before, rules);
  if (!told) return [];
  return (await listFoods(trx, household.id))
    .filter(({ state }) => state.place === store)
    .map(({ state: { foodId } }) => toldBecauseOf(id, foodId, told));
}

const isBefore = (a: StoreReading, b: StoreReading): boolean => a.at < b.at || (a.at === b.at && a.id < b.id);
