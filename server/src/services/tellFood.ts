import { createHash } from 'node:crypto';
import { limitsC, readingsToTell, watchProbe, type Measured, type Read } from '@omtel/core/devices';
import { steepestRise } from '@omtel/core/forecast';
import { rulesOfFood } from '@omtel/core/trail';
import type { FoodEvent } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { readingsBetween } from '../repositories/deviceReadings';
import { updateChannel, type ChannelRow } from '../repositories/devices';
import { findFoods } from '../repositories/foods';
import type { HouseholdRow } from '../repositories/households';
import { recordEvents } from './recordEvents';
import { inC, shownBy } from './shownBy';

type Food = Extract<NonNullable<Measured>, { of: 'food' }>;

/**
 * Tells a food what the probe in it reads, corrected by the checks of the thermometer it is, where it is one: what was
 * steady and a food can have had, every few minutes, and the first on each side of a limit. Once the food is gone the channel measures nothing any more. What was told stays told; sent again it is told once.
 */
export async function tellFood(
  db: Database,
  household: HouseholdRow,
  channel: ChannelRow & { readonly measured: Food },
  wall: WallClock,
): Promise<void> {
  const { foodId, place } = channel.measured;
  const state = (await findFoods(db, household.id, [foodId]))[0]?.state;
  if (!state || state.place === 'gone')
    return updateChannel(db, household.id, channel.id, { measured: null });
  const rules = rulesOfFood(state, household.settings.guidance);
  const readings = await readingsBetween(db, channel, [channel.since, Number.MAX_SAFE_INTEGER]);
  const shown = shownBy(household, channel, rules.thermometer);
  const { steady, state: probe } = watchProbe(
    readings.map(shown.corrected),
    steepestRise(state.form, state.massKg),
    rules,
  );
  const read = new Map(readings.map((each) => [each.at, each]));
  const events = readingsToTell(steady, limitsC(rules))
    .filter(({ at }) => at > Math.max(channel.judgedUntil, state.cameAt))
    .map(({ at }) => read.get(at)!)
    .map((read): FoodEvent => ({
      id: idOf(channel, foodId, read),
      foodId,
      at: read.at,
      type: 'reading',
      payload: { temperature: inC(read), place, ...shown.keptWith(read) },
    }));
  if (events.length) await recordEvents(db, household.id, events, wall);
  const last = readings.at(-1)?.at;
  await updateChannel(db, household.id, channel.id, {
    leapt: probe === 'jumped',
    ...(last !== undefined && { judgedUntil: last }),
  });
}

/** What is told twice has one id. */
const idOf = ({ id }: ChannelRow, foodId: string, { at, celsius }: Read): string =>
  uuid({
    msecs: at,
    seq: 0,
    random: createHash('sha256').update(`${id} ${foodId} ${at} ${celsius}`).digest().subarray(0, 16),
  });
