import type { Portable } from '@omtel/core/portable';
import { subjectOf } from '@omtel/core/record';
import type { Database } from '../../db/connect';

/** So many rows are written at once. */
const AT_ONCE = 1_000;
const HUNDREDTHS = 100;

export const inParts = <Each>(all: readonly Each[], size = AT_ONCE): (readonly Each[])[] =>
  Array.from({ length: Math.ceil(all.length / size) }, (_, part) =>
    all.slice(part * size, (part + 1) * size),
  );

type Table = 'events' | 'power_cuts' | 'devices' | 'store_readings';

/** Which of these ids a household knows already. */
export async function knownIds(
  trx: Database,
  householdId: string,
  table: Table,
  ids: readonly string[],
): Promise<ReadonlySet<string>> {
  const known = new Set<string>();
  for (const part of inParts(ids)) {
    const found: string[] = await trx(table)
      .where({ household_id: householdId })
      .whereIn('id', [...part])
      .pluck('id');
    found.forEach((id) => known.add(id));
  }
  return known;
}

/** Events as they were taken in elsewhere, numbered on from the household's last. */
export async function insertEvents(
  trx: Database,
  householdId: string,
  events: readonly (Portable<'events'> & { readonly seq: number })[],
): Promise<void> {
  const rows = events.map(({ event, recordedAt, by, seq }) => [
    householdId,
    event.id,
    subjectOf(event),
    event.type,
    event.at,
    recordedAt,
    JSON.stringify(event.payload),
    seq,
    by ?? null,
  ]);
  // As lists, which the driver writes out by itself: a query built for so many would take longer than what it asks for.
  await trx.raw(
    'INSERT INTO events (household_id, id, food_id, type, at, recorded_at, payload, seq, person_id) VALUES ?',
    [rows as never],
  );
}

export async function saveLastSeq(trx: Database, householdId: string, lastSeq: number): Promise<void> {
  await trx('households').where({ id: householdId }).update({ last_seq: lastSeq });
}

/** People who entered something elsewhere: a name for the log, and no way in. */
export async function insertFormerPeople(
  trx: Database,
  householdId: string,
  people: readonly Portable<'people'>[],
  now: number,
): Promise<void> {
  if (people.length === 0) return;
  await trx('people')
    .insert(
      people.map(({ id, name }) => ({
        household_id: householdId,
        id,
        name,
        name_key: null,
        passphrase_hash: '',
        role: 'helper',
        since: now,
        left_at: now,
      })),
    )
    .onConflict('id')
    .ignore();
}

export async function insertPowerCuts(
  trx: Database,
  householdId: string,
  cuts: readonly Portable<'powerCuts'>[],
): Promise<void> {
  for (const { id, offAt, onAt, freezer, opened } of cuts)
    await trx('power_cuts').insert({
      household_id: householdId,
      id,
      off_at: offAt,
      on_at: onAt,
      freezer,
      opened: JSON.stringify(opened),
    });
}

/** Devices without a key: whoever is to send gets a new one. */
export async function insertDevices(
  trx: Database,
  householdId: string,
  devices: readonly Portable<'devices'>[],
): Promise<void> {
  for (const { id, name, madeAt, columns } of devices)
    await trx('devices').insert({
      household_id: householdId,
      id,
      name,
      key_hash: null,
      made_at: madeAt,
      columns: columns && JSON.stringify(columns),
    });
}

/** Channels that are not known yet; the number each has here, by its device and name. */
export async function insertChannels(
  trx: Database,
  householdId: string,
  channels: readonly Portable<'channels'>[],
): Promise<{ readonly fresh: number; readonly numbers: ReadonlyMap<string, number> }> {
  let fresh = 0;
  for (const channel of channels) {
    const { device, name, measured, since, battery, thinnedUntil, judgedUntil, judgedLimit } = channel;
    const key = { household_id: householdId, device_id: device, name };
    if (await trx('device_channels').where(key).first()) continue;
    fresh += 1;
    await trx('device_channels').insert({
      ...key,
      measured: measured && JSON.stringify(measured),
      since,
      battery,
      thinned_until: thinnedUntil,
      judged_until: judgedUntil,
      judged_limit: judgedLimit,
    });
  }
  const rows: { id: number; device_id: string; name: string }[] = await trx('device_channels').where({
    household_id: householdId,
  });
  return { fresh, numbers: new Map(rows.map((row) => [channelKey(row.device_id, row.name), row.id])) };
}

export const channelKey = (device: string, name: string): string => `${device} ${name}`;

export async function insertStoreReadings(
  trx: Database,
  householdId: string,
  readings: readonly (Portable<'storeReadings'> & { readonly channelId: number | null })[],
): Promise<void> {
  for (const part of inParts(readings))
    await trx('store_readings').insert(
      part.map(({ id, store, at, temperature, channelId }) => ({
        household_id: householdId,
        id,
        store,
        at,
        temperature: JSON.stringify(temperature),
        channel_id: channelId,
      })),
    );
}

/** Readings of a channel; those of moments it has already stay. How many were new. */
export async function insertDeviceReadings(
  trx: Database,
  channelId: number,
  readings: Portable<'deviceReadings'>['readings'],
): Promise<number> {
  if (readings.length === 0) return 0;
  const known = new Set(
    (
      (await trx('device_readings')
        .where({ channel_id: channelId })
        .whereIn(
          'at',
          readings.map(([at]) => at),
        )
        .pluck('at')) as (number | string)[]
    ).map(Number),
  );
  const fresh = [...new Map(readings).entries()].filter(([at]) => !known.has(at));
  if (fresh.length)
    await trx('device_readings').insert(
      fresh.map(([at, celsius]) => ({
        channel_id: channelId,
        at,
        centi_c: Math.round(celsius * HUNDREDTHS),
      })),
    );
  return fresh.length;
}

/** Each channel's last reading is its latest. */
export async function saveLastReadings(trx: Database, channelIds: readonly number[]): Promise<void> {
  for (const id of channelIds) {
    const last = await trx('device_readings').where({ channel_id: id }).orderBy('at', 'desc').first();
    if (last)
      await trx('device_channels')
        .where({ id })
        .update({ last_at: last.at, last_c: last.centi_c / HUNDREDTHS });
  }
}
