import { randomBytes } from 'node:crypto';
import type { ChannelChange, ChannelRecord, Device, DeviceKey } from '@omtel/core/api';
import { MOST_DEVICES, partsOf, storeFacts } from '@omtel/core/devices';
import type { Columns } from '@omtel/core/formats';
import { rulesFor } from '@omtel/core/guidance';
import { hashOf } from '../hashOf';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { extremesBetween, isMoreThan, readingsBetween } from '../repositories/deviceReadings';
import {
  deleteDevice,
  findDevice,
  insertDevice,
  listChannels,
  listDevices,
  saveColumns,
  saveKey,
  updateChannel,
  type ChannelRow,
} from '../repositories/devices';
import { findFoods } from '../repositories/foods';
import { lockHousehold } from '../repositories/households';
import { getHousehold } from './household';
import { householdNow } from './householdClock';
import { Refusal } from './refusal';
import { shownBy } from './shownBy';
import { tellOfChannel } from './tellOfChannel';

const newKey = (): string => randomBytes(32).toString('base64url');

/** Of more readings than this only the extremes are looked for. */
const MOST_DRAWN = 12_000;
/** Fine enough for a door in a day, and more than this nobody sees. */
const PARTS = 240;

/** The devices of a household, each with its channels. */
export async function presentDevices(db: Database, householdId: string): Promise<Device[]> {
  const devices = await listDevices(db, householdId);
  const channels = await listChannels(db, householdId);
  return devices.map(({ id, name, madeAt, hasKey, columns }) => ({
    id,
    name,
    madeAt,
    hasKey,
    columns,
    channels: channels
      .filter(({ deviceId }) => deviceId === id)
      .map(({ name: channel, measured, since, last, battery, leapt }) => ({
        name: channel,
        measured,
        since,
        last,
        battery,
        leapt,
      })),
  }));
}

/**
 * Notes a device, and gives it a key.
 *
 * @throws Refusal for one more than a kitchen has, or one there is already
 */
export async function addDevice(
  db: Database,
  householdId: string,
  { id, name }: { readonly id: string; readonly name: string },
  wall: WallClock,
): Promise<DeviceKey> {
  const key = newKey();
  await inTransaction(db, async (trx) => {
    const household = await lockHousehold(trx, householdId);
    if (!household) throw new Refusal(401, 'Sign in first.');
    const known = await listDevices(trx, householdId);
    if (known.some((device) => device.id === id)) throw new Refusal(409, 'There is that device already.');
    if (known.length >= MOST_DEVICES)
      throw new Refusal(422, `At most ${MOST_DEVICES} devices. Remove one that is gone.`);
    const madeAt = Math.round(householdNow(household, wall));
    await insertDevice(trx, { householdId, id, name, madeAt }, hashOf(key));
  });
  return { id, key };
}

/** Gives a device another key; the one before opens nothing any more. */
export async function renewKey(db: Database, householdId: string, id: string): Promise<DeviceKey> {
  await knownDevice(db, householdId, id);
  const key = newKey();
  await saveKey(db, householdId, id, hashOf(key));
  return { id, key };
}

/** Lets a device send no more; what it read stays. */
export async function revokeKey(db: Database, householdId: string, id: string): Promise<void> {
  await knownDevice(db, householdId, id);
  await saveKey(db, householdId, id, null);
}

/** Notes how the files of a device are read, for the next one. */
export async function rememberColumns(
  db: Database,
  householdId: string,
  id: string,
  columns: Columns,
): Promise<void> {
  await knownDevice(db, householdId, id);
  await saveColumns(db, householdId, id, columns);
}

/** Takes a device away with all it read; what foods were told by it stays told. Taking it away again is harmless. */
export const removeDevice = deleteDevice;

/** Says what a channel measures, and since when. What it read since is told where it belongs. */
export async function sayWhatChannelMeasures(
  db: Database,
  householdId: string,
  { id, channel: name }: { readonly id: string; readonly channel: string },
  { measured, since }: ChannelChange,
  wall: WallClock,
): Promise<void> {
  const household = await getHousehold(db, householdId);
  const channel = await knownChannel(db, householdId, id, name);
  if (measured?.of === 'food' && (await findFoods(db, householdId, [measured.foodId])).length === 0)
    throw new Refusal(404, 'There is no such food.');
  await updateChannel(db, householdId, channel.id, { measured, since, judgedUntil: since, leapt: false });
  await tellOfChannel(db, household, channel.id, wall);
}

/** What a channel read over a time, in even parts, and what it amounts to; of a long time only how low and how high. */
export async function channelRecord(
  db: Database,
  householdId: string,
  { id, channel: name }: { readonly id: string; readonly channel: string },
  { from, to }: { readonly from: number; readonly to: number },
): Promise<ChannelRecord> {
  const household = await getHousehold(db, householdId);
  const channel = await knownChannel(db, householdId, id, name);
  const { measured } = channel;
  const span = [from, to] as const;
  const rules = rulesFor(household.settings.guidance);
  const shown = shownBy(household, channel, rules.thermometer);
  const by = shown.name === null ? null : { name: shown.name, doubted: shown.isDoubted(to) };
  const inTruth = (at: number, celsius: number) => shown.corrected({ at, celsius }).celsius;
  if (await isMoreThan(db, channel, span, MOST_DRAWN)) {
    const parts = await extremesBetween(db, channel, span, PARTS);
    return {
      of: PARTS,
      parts: parts.map((part) => {
        const [lowC, highC] = [inTruth(part.at, part.lowC), inTruth(part.at, part.highC)];
        return { ...part, lowC, highC, meanC: (lowC + highC) / 2 };
      }),
      facts: null,
      by,
    };
  }
  const readings = (await readingsBetween(db, channel, span)).map(shown.corrected);
  return {
    of: PARTS,
    by,
    parts: partsOf(readings, { from, to: Math.max(to, from + 1) }, PARTS),
    facts: measured && measured.of !== 'food' ? storeFacts(measured.of, readings, rules) : null,
  };
}

/** @throws Refusal for a device the household has not */
export async function knownDevice(db: Database, householdId: string, id: string): Promise<void> {
  if (!(await findDevice(db, householdId, id))) throw new Refusal(404, 'There is no such device.');
}

async function knownChannel(
  db: Database,
  householdId: string,
  deviceId: string,
  name: string,
): Promise<ChannelRow> {
  const found = (await listChannels(db, householdId, deviceId)).find((channel) => channel.name === name);
  if (!found) throw new Refusal(404, 'There is no such channel.');
  return found;
}
