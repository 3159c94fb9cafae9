import type { TakenIn } from '@omtel/core/api';
import {
  type DeviceReading,
  limitsC,
  MOST_CHANNELS,
  MOST_LINES,
  type Read,
  readLines,
  type RefusedLine,
  thinned,
} from '@omtel/core/devices';
import { rulesFor, type RuleSet } from '@omtel/core/guidance';
import { MINUTE_MS } from '@omtel/core/units';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { deleteReadings, insertReadings, readingsBetween } from '../repositories/deviceReadings';
import {
  findDevice,
  insertChannel,
  listChannels,
  updateChannel,
  type ChannelRow,
  type DeviceRow,
} from '../repositories/devices';
import { getHousehold } from './household';
import { householdNow } from './householdClock';
import { AHEAD_MS } from './recordEvents';
import { Refusal } from './refusal';
import { tellOfChannel } from './tellOfChannel';

/** Readings are thinned by so many at a time, and none that came just now: somebody may be watching. */
const THINNED_BY = 600;
const LEFT_WHOLE_MS = 30 * MINUTE_MS;

/**
 * Takes in what a device sent. A line that cannot be read takes no other with it; sent again it is harmless. What the air of a store
 * read is then told to the foods there.
 *
 * @param text JSON Lines
 * @throws Refusal for more at once than a device is away for
 */
export async function takeInReadings(
  db: Database,
  { householdId, id }: Pick<DeviceRow, 'householdId' | 'id'>,
  text: string,
  wall: WallClock,
): Promise<TakenIn> {
  const household = await getHousehold(db, householdId);
  const now = Math.round(householdNow(household, wall));
  const { readings, refused } = readLines(text, now, now + AHEAD_MS);
  if (readings.length + refused.length > MOST_LINES)
    throw new Refusal(413, `At most ${MOST_LINES} readings at once. Send the rest after these.`);
  const rules = rulesFor(household.settings.guidance);
  const taken = await inTransaction(db, async (trx) => {
    // Two that send for one device at once take turns.
    if (!(await findDevice(trx, householdId, id, { locked: true })))
      throw new Refusal(404, 'There is no such device any more.');
    const { channels, tooMany } = await channelsFor(trx, householdId, id, readings);
    for (const [channel, own] of channels) await keep(trx, householdId, { channel, own, rules });
    return { channels: [...channels.keys()], tooMany };
  });
  for (const { id: channelId } of taken.channels) await tellOfChannel(db, household, channelId, wall);
  const without: RefusedLine[] = taken.tooMany.map((name) => ({
    line: 0,
    sentence: `Channel ${name}: a device has at most ${MOST_CHANNELS} channels.`,
  }));
  const left = new Set(taken.tooMany);
  return {
    now,
    taken: readings.filter(({ channel }) => !left.has(channel)).length,
    refused: [...refused, ...without],
  };
}

/** What came by each channel; one that was not known is from now on, as long as there is room. */
async function channelsFor(
  db: Database,
  householdId: string,
  deviceId: string,
  readings: readonly DeviceReading[],
): Promise<{
  readonly channels: ReadonlyMap<ChannelRow, readonly DeviceReading[]>;
  readonly tooMany: readonly string[];
}> {
  const byName = new Map<string, DeviceReading[]>();
  for (const reading of readings)
    byName.set(reading.channel, [...(byName.get(reading.channel) ?? []), reading]);
  const known = new Set((await listChannels(db, householdId, deviceId)).map(({ name }) => name));
  const fresh = [...byName.keys()].filter((name) => !known.has(name));
  const room = MOST_CHANNELS - known.size;
  for (const name of fresh.slice(0, room)) await insertChannel(db, householdId, deviceId, name);
  const rows = await listChannels(db, householdId, deviceId);
  return {
    channels: new Map(
      rows.flatMap((row): [ChannelRow, DeviceReading[]][] => {
        const own = byName.get(row.name);
        return own ? [[row, own]] : [];
      }),
    ),
    tooMany: fresh.slice(room),
  };
}

/** Keeps what one channel read, and thins what came before. */
async function keep(
  db: Database,
  householdId: string,
  {
    channel,
    own,
    rules,
  }: { readonly channel: ChannelRow; readonly own: readonly DeviceReading[]; readonly rules: RuleSet },
): Promise<void> {
  const ordered = [...own].sort((a, b) => a.at - b.at);
  const [oldest, newest] = [ordered[0]!, ordered.at(-1)!];
  await insertReadings(db, channel, ordered);
  const isNews = !channel.last || newest.at >= channel.last.at;
  // What came late is thinned and judged as if it had come in its time.
  const thinnedUntil = Math.min(channel.thinnedUntil, oldest.at);
  const unthinned = channel.unthinned + ordered.length;
  const due = unthinned >= THINNED_BY;
  const upTo = Math.max(thinnedUntil, Math.max(newest.at, channel.last?.at ?? 0) - LEFT_WHOLE_MS);
  if (due) await thin(db, channel, [thinnedUntil, upTo], rules);
  await updateChannel(db, householdId, channel.id, {
    ...(isNews && { last: { at: newest.at, celsius: newest.celsius }, battery: newest.battery }),
    thinnedUntil: due ? upTo : thinnedUntil,
    unthinned: due ? 0 : unthinned,
    judgedUntil: Math.min(channel.judgedUntil, oldest.at),
  });
}

async function thin(
  db: Database,
  channel: ChannelRow,
  span: readonly [from: number, to: number],
  rules: RuleSet,
): Promise<void> {
  const readings = await readingsBetween(db, channel, span);
  const kept = new Set(thinned<Read>(readings, limitsC(rules)));
  await deleteReadings(
    db,
    channel,
    readings.filter((reading) => !kept.has(reading)).map(({ at }) => at),
  );
}
