import { DEMO_HOUSEHOLD_ID, type Settings } from '@omtel/core/api';
import { DEFAULT_SETTINGS } from '@omtel/core/household';
import type { KitchenEvent } from '@omtel/core/record';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { deleteDevices } from '../repositories/devices';
import { deleteEvents } from '../repositories/events';
import { deleteFoods } from '../repositories/foods';
import { deleteLineage } from '../repositories/lineage';
import { deleteMeals } from '../repositories/meals';
import { forgetReminded } from '../repositories/push';
import { deletePowerCuts } from '../repositories/powerCuts';
import { deleteStoreReadings } from '../repositories/storeReadings';
import {
  findDemoHousehold,
  insertHousehold,
  lockHousehold,
  saveClock,
  saveSettings,
  type HouseholdRow,
} from '../repositories/households';
import { recordEvents } from '../services/recordEvents';
import { boatyardStory, storyOpens } from './story';
import { DEMO_COOKS, DEMO_TABLE } from './supper';
import { demoThermometers } from './thermometers';

/** Loads the demo household and its story into a database that has none; harmless when it has. */
export async function ensureDemoHousehold(
  db: Database,
  wall: WallClock,
  zone: string,
): Promise<HouseholdRow> {
  const known = await findDemoHousehold(db);
  if (known) return known;
  const household: HouseholdRow = {
    id: DEMO_HOUSEHOLD_ID,
    name: 'The boatyard',
    settings: demoSettings(wall, zone),
    demo: true,
    clockStartMs: storyOpens(wall.now(), zone) - wall.now(),
    clockAheadMs: 0,
    lastSeq: 0,
    turn: 0,
    closesAt: null,
  };
  const story = storyOf(household, wall, zone);
  return inTransaction(db, async (trx) => {
    // Of two servers that start at once one loads it.
    const meanwhile = await findDemoHousehold(trx, { locked: true });
    if (meanwhile) return meanwhile;
    await insertHousehold(trx, household, null);
    await recordEvents(trx, household.id, story, wall);
    return household;
  });
}

const demoSettings = (wall: WallClock, zone: string): Settings => ({
  ...DEFAULT_SETTINGS,
  cooks: DEMO_COOKS,
  table: DEMO_TABLE,
  thermometers: demoThermometers(storyOpens(wall.now(), zone)),
  zone,
});

/** Starts the story again from its opening: everything recorded since is gone, the settings too. */
export async function restartDemo(
  db: Database,
  household: HouseholdRow,
  wall: WallClock,
): Promise<HouseholdRow> {
  const { zone } = household.settings;
  const fresh: HouseholdRow = {
    ...household,
    settings: demoSettings(wall, zone),
    clockStartMs: storyOpens(wall.now(), zone) - wall.now(),
    clockAheadMs: 0,
  };
  // Its meals are planned anew, which nobody has to wait for behind the lock.
  const story = storyOf(fresh, wall, zone);
  await inTransaction(db, async (trx) => {
    // Locked first, as everybody else does: two that begin at different ends wait for each other.
    await lockHousehold(trx, household.id);
    await deleteEvents(trx, household.id);
    await deleteFoods(trx, household.id);
    await deleteLineage(trx, household.id);
    await deleteMeals(trx, household.id);
    await deleteStoreReadings(trx, household.id);
    await deletePowerCuts(trx, household.id);
    await deleteDevices(trx, household.id);
    await forgetReminded(trx, household.id);
    await saveSettings(trx, household.id, fresh.settings);
    await saveClock(trx, household.id, { startMs: fresh.clockStartMs, aheadMs: 0 });
    await recordEvents(trx, household.id, story, wall);
  });
  return fresh;
}

/** All that has happened there when its story opens. */
const storyOf = (household: HouseholdRow, wall: WallClock, zone: string): KitchenEvent[] =>
  boatyardStory(wall.now() + household.clockStartMs, zone);
