import type { FoodList, FoodTrail, Household, Log, StoreRecord } from '@omtel/core/api';
import { allWaiting, type Change, type Waiting } from '../outbox/drawer';
import { keptAnswer, keptTrails } from './copy';
import { householdAfter, kitchenAfter, logAfter, type KnownKitchen } from './overlay';
import { storeChange } from './storeChange';
import { readingsAfter } from './toldHere';

/** What is said at an address without the server, and how old it is. */
export interface Known {
  readonly data: unknown;
  readonly at: number;
}

const FOOD = /^\/foods\/([0-9a-f-]{36})$/;

/**
 * What this device knows of what is asked for at an address: what the server told last, with what was recorded here since and waits
 * to be sent.
 *
 * @returns null where nothing is known of it
 */
export async function knownWithout(householdId: string, path: string): Promise<Known | null> {
  const waiting = await allWaiting(householdId);
  const [, foodId] = FOOD.exec(path) ?? [];
  if (foodId !== undefined) return knownTrail(householdId, foodId, waiting);
  const kept = await keptAnswer(householdId, path);
  if (!kept) return null;
  return { at: kept.at, data: await asItIs(householdId, path, kept, waiting) };
}

async function asItIs(householdId: string, path: string, kept: Known, waiting: Waiting): Promise<unknown> {
  switch (path) {
    case '/household':
      return householdAfter(letRunOn(kept.data as Household, kept.at), waiting.changes);
    case '/foods':
      return (await knownKitchen(householdId, waiting))?.list ?? kept.data;
    case '/stores/readings':
      return recordAfter(kept.data as StoreRecord, waiting.changes);
    case '/events': {
      const kitchen = await knownKitchen(householdId, waiting);
      return kitchen ? logAfter(kept.data as Log, waiting.events, kitchen.list) : kept.data;
    }
    default:
      return kept.data;
  }
}

/** A household whose clock ran on since it was told; a device whose clock was set back makes nothing younger. */
function letRunOn(household: Household, toldAt: number): Household {
  const { clock } = household;
  return clock.frozen
    ? household
    : { ...household, clock: { ...clock, now: clock.now + Math.max(0, Date.now() - toldAt) } };
}

async function knownKitchen(householdId: string, waiting: Waiting): Promise<KnownKitchen | null> {
  const [list, household, record] = await Promise.all([
    keptAnswer<FoodList>(householdId, '/foods'),
    keptAnswer<Household>(householdId, '/household'),
    keptAnswer<StoreRecord>(householdId, '/stores/readings'),
  ]);
  if (!list || !household) return null;
  const told = {
    list: list.data,
    trails: new Map<string, FoodTrail>(),
    readings: record?.data.readings ?? [],
  };
  // Trails are long, and only what waits is folded onto them.
  if (waiting.events.length + waiting.changes.length === 0) return told;
  for (const trail of await keptTrails(householdId)) told.trails.set(trail.food.state.foodId, trail);
  return kitchenAfter(told, waiting, householdAfter(household.data, waiting.changes).settings);
}

const recordAfter = (record: StoreRecord, changes: readonly Change[]): StoreRecord => ({
  ...record,
  readings: changes.map(storeChange).reduce(readingsAfter, record.readings),
});

/** A food's trail: as it was told, or as it began here. */
async function knownTrail(householdId: string, foodId: string, waiting: Waiting): Promise<Known | null> {
  const kept = await keptAnswer<FoodTrail>(householdId, `/foods/${foodId}`);
  const kitchen = await knownKitchen(householdId, waiting);
  const trail = kitchen?.trails.get(foodId) ?? kept?.data;
  const food = kitchen?.list.foods.find(({ state }) => state.foodId === foodId);
  if (!trail) return null;
  // The list may have been told since the trail was.
  return { data: food ? { ...trail, food } : trail, at: kept?.at ?? Date.now() };
}
