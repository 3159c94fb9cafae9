import { MOST_FORMER_ZONES, type Household, type Settings, type SettingsPatch } from '@omtel/core/api';
import { ChangedElsewhere, mergeSettings, settingsPatchSchema } from '@omtel/core/household';
import { inCare } from '@omtel/core/table';
import { z } from 'zod';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { listFoods } from '../repositories/foods';
import {
  findHousehold,
  lockHousehold,
  saveClock,
  saveSettings,
  type HouseholdRow,
} from '../repositories/households';
import type { Visitor } from '../repositories/sessions';
import { historiesOf } from './histories';
import { AHEAD_MS } from './recordEvents';
import { householdNow } from './householdClock';
import { refold } from './refold';
import { Refusal } from './refusal';

/** A household as who is signed in sees it. */
export function presentHousehold(row: HouseholdRow, me: Visitor['person'], wall: WallClock): Household {
  return {
    id: row.id,
    name: row.name,
    me,
    closesAt: row.closesAt,
    settings: row.settings,
    clock: {
      now: householdNow(row, wall),
      aheadMs: row.clockAheadMs,
      movable: row.demo,
      frozen: wall.frozen,
    },
  };
}

/** @throws Refusal when the household is gone */
export async function getHousehold(db: Database, householdId: string): Promise<HouseholdRow> {
  const row = await findHousehold(db, householdId);
  if (!row) throw new Refusal(401, 'Sign in first.');
  return row;
}

/** A change of settings, and what those it changes were where it was meant. */
interface SettingsChange {
  readonly patch: SettingsPatch;
  readonly was?: Partial<Settings>;
}

/**
 * Changes the settings named, and leaves the others, and what others changed since it was meant. Another guidance folds every food at hand anew, and so does the first or the
 * last at the table who needs extra care: what happened is the same, what it amounts to is not.
 *
 * @throws Refusal where a thermometer's check lies in the future, and where the same was changed elsewhere meanwhile
 */
export async function changeSettings(
  db: Database,
  householdId: string,
  change: SettingsChange,
  wall: WallClock,
): Promise<HouseholdRow> {
  return inTransaction(db, async (trx) => {
    const row = await lockHousehold(trx, householdId);
    if (!row) throw new Refusal(401, 'Sign in first.');
    const patch = laidOnto(row.settings, change);
    // A check that is still to come would hold a thermometer in order for longer than its rhythm.
    const latest = Math.max(0, ...(patch.thermometers ?? []).flatMap(({ log }) => log.map(({ at }) => at)));
    if (latest > householdNow(row, wall) + AHEAD_MS)
      throw new Refusal(422, 'That has not happened yet. Check the time.');
    const settings = { ...row.settings, ...patch, formerZones: formerZones(row.settings, patch.zone) };
    await saveSettings(trx, householdId, settings);
    if (patch.guidance || inCare(settings.table).length > 0 !== inCare(row.settings.table).length > 0) {
      const foodIds = (await listFoods(trx, householdId)).map(({ state }) => state.foodId);
      const histories = await historiesOf(trx, householdId, foodIds);
      await refold(trx, { id: householdId, settings }, foodIds, histories);
    }
    return { ...row, settings };
  });
}

/** @throws Refusal where both changed the same thing, or what they changed is too much together */
function laidOnto(settings: Settings, { patch, was = {} }: SettingsChange): SettingsPatch {
  try {
    return settingsPatchSchema.parse(mergeSettings(settings, was, patch));
  } catch (error) {
    if (error instanceof ChangedElsewhere)
      throw new Refusal(409, 'That was changed on another device meanwhile. Look at it as it is now.');
    if (error instanceof z.ZodError)
      throw new Refusal(422, 'With what was changed on another device meanwhile, that does not go together.');
    throw error;
  }
}

/** After a move of time zone the old one still counts: of two ends of a day the earlier holds. */
function formerZones({ zone, formerZones }: Settings, next: string | undefined): string[] {
  if (!next || next === zone) return formerZones;
  return [zone, ...formerZones.filter((former) => former !== next && former !== zone)].slice(
    0,
    MOST_FORMER_ZONES,
  );
}

/**
 * Moves the demo's clock ahead.
 *
 * @throws Refusal for a household that lives by the wall clock, or a move back
 */
export async function moveClock(db: Database, householdId: string, aheadMs: number): Promise<HouseholdRow> {
  const row = await getHousehold(db, householdId);
  if (!row.demo) throw new Refusal(403, 'Only the demo has a clock that can be moved.');
  if (aheadMs < row.clockAheadMs)
    throw new Refusal(409, 'The clock only moves ahead. Start the story again to go back.');
  await saveClock(db, householdId, { startMs: row.clockStartMs, aheadMs });
  return { ...row, clockAheadMs: aheadMs };
}
