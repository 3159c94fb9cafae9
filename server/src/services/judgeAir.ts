import { createHash } from 'node:crypto';
import type { StoreId, StoreReading } from '@omtel/core/api';
import { isStoreRight, warmestAir } from '@omtel/core/clocks';
import { airTurns, type AirTurn, LONGEST_GAP_MS } from '@omtel/core/devices';
import { AIR_MEAN_MS, rulesFor } from '@omtel/core/guidance';
import { toCelsius } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { readingsBetween } from '../repositories/deviceReadings';
import { updateChannel, type ChannelRow } from '../repositories/devices';
import type { HouseholdRow } from '../repositories/households';
import { storeReadingsOfChannel } from '../repositories/storeReadings';
import { shownBy } from './shownBy';
import { recordStoreReading, takeBackStoreReading } from './storeReadings';

/**
 * Puts on the record of a store what a channel says of its air, where it turned too warm and where it was right again, by its mean; the
 * foods there learn it as they do when somebody reads it off. Where it is a thermometer its checks correct it; in doubt it proves no air
 * cold. It says the same however often it is asked: cut off in the middle, the
 * next readings find it undone and do it.
 */
export async function judgeAir(
  db: Database,
  household: HouseholdRow,
  channel: ChannelRow,
  wall: WallClock,
): Promise<void> {
  const of = channel.measured?.of ?? null;
  const store = of === 'food' ? null : of;
  const rules = rulesFor(household.settings.guidance);
  const limit = store && toCelsius(warmestAir(store, rules));
  // By another limit all of it is looked at again.
  const from = channel.judgedLimit === limit ? channel.judgedUntil - AIR_MEAN_MS : 0;
  const span = [
    Math.max(channel.since, from - LONGEST_GAP_MS - AIR_MEAN_MS),
    Number.MAX_SAFE_INTEGER,
  ] as const;
  const shown = shownBy(household, channel, rules.thermometer);
  const readings = store ? (await readingsBetween(db, channel, span)).map(shown.corrected) : [];
  const right = (celsius: number) => isStoreRight(store!, { value: celsius, unit: 'C' }, rules);
  const wanted = (store ? airTurns(readings, right) : [])
    .filter(({ at, right }) => at > from && !(right && shown.isDoubted(at)))
    .map((turn) => asReading(channel, store!, turn));
  const wantedIds = new Set(wanted.map(({ id }) => id));
  const said = await storeReadingsOfChannel(db, household.id, channel.id, Math.max(channel.since, from + 1));
  for (const { id } of said) if (!wantedIds.has(id)) await takeBackStoreReading(db, household.id, id, wall);
  for (const reading of wanted) await recordStoreReading(db, household.id, reading, wall, channel.id);
  if (store)
    await updateChannel(db, household.id, channel.id, {
      judgedUntil: readings.at(-1)?.at ?? channel.judgedUntil,
      judgedLimit: limit,
    });
}

const HUNDREDTHS = 100;

/** Rounded so that it is on the side of the limit it was said to be; its id follows from what it says. */
function asReading({ id }: ChannelRow, store: StoreId, { at, celsius, right }: AirTurn): StoreReading {
  const value = (right ? Math.floor : Math.ceil)(celsius * HUNDREDTHS) / HUNDREDTHS;
  const random = createHash('sha256').update(`${id} ${store} ${at} ${value}`).digest().subarray(0, 16);
  return {
    id: uuid({ msecs: at, seq: 0, random }),
    store,
    at: Math.round(at),
    temperature: { value, unit: 'C' },
  };
}
