import type { Measured } from '@omtel/core/devices';
import type { Columns } from '@omtel/core/formats';
import type { Database } from '../db/connect';
import { fromJson } from './json';

export interface DeviceRow {
  readonly id: string;
  readonly householdId: string;
  readonly name: string;
  readonly madeAt: number;
  readonly hasKey: boolean;
  readonly columns: Columns | null;
}

interface Stored {
  household_id: string;
  id: string;
  name: string;
  key_hash: string | null;
  made_at: number;
  columns: unknown;
}

const read = ({ household_id, id, name, key_hash, made_at, columns }: Stored): DeviceRow => ({
  id,
  householdId: household_id,
  name,
  madeAt: Number(made_at),
  hasKey: key_hash !== null,
  columns: columns === null ? null : fromJson<Columns>(columns),
});

/** A channel of a device, with how far what it read was seen to. */
export interface ChannelRow {
  readonly id: number;
  readonly deviceId: string;
  readonly name: string;
  readonly measured: Measured;
  readonly since: number;
  readonly last: { readonly at: number; readonly celsius: number } | null;
  readonly battery: number | null;
  /** In a food: it moved as no food can, and counts for nothing until it is back. */
  readonly leapt: boolean;
  readonly thinnedUntil: number;
  readonly unthinned: number;
  readonly judgedUntil: number;
  readonly judgedLimit: number | null;
}

interface StoredChannel {
  id: number;
  household_id: string;
  device_id: string;
  name: string;
  measured: unknown;
  since: number;
  last_at: number | null;
  last_c: number | null;
  battery: number | null;
  leapt: number;
  thinned_until: number;
  unthinned: number;
  judged_until: number;
  judged_limit: number | null;
}

const readChannel = (row: StoredChannel): ChannelRow => ({
  id: row.id,
  deviceId: row.device_id,
  name: row.name,
  measured: row.measured === null ? null : fromJson<Measured>(row.measured),
  since: Number(row.since),
  last: row.last_at === null ? null : { at: Number(row.last_at), celsius: row.last_c! },
  battery: row.battery,
  leapt: Boolean(row.leapt),
  thinnedUntil: Number(row.thinned_until),
  unthinned: row.unthinned,
  judgedUntil: Number(row.judged_until),
  judgedLimit: row.judged_limit,
});

export async function listDevices(db: Database, householdId: string): Promise<DeviceRow[]> {
  const rows = await db<Stored>('devices').where({ household_id: householdId }).orderBy(['made_at', 'id']);
  return rows.map(read);
}

export async function findDevice(
  db: Database,
  householdId: string,
  id: string,
  { locked = false } = {},
): Promise<DeviceRow | null> {
  const query = db<Stored>('devices').where({ household_id: householdId, id });
  const row = await (locked ? query.forUpdate() : query).first();
  return row ? read(row) : null;
}

export async function deviceOfKey(db: Database, keyHash: string): Promise<DeviceRow | null> {
  const row = await db<Stored>('devices').where({ key_hash: keyHash }).first();
  return row ? read(row) : null;
}

export async function insertDevice(
  db: Database,
  { householdId, id, name, madeAt }: Omit<DeviceRow, 'hasKey' | 'columns'>,
  keyHash: string,
): Promise<void> {
  await db<Stored>('devices').insert({
    household_id: householdId,
    id,
    name,
    key_hash: keyHash,
    made_at: madeAt,
  });
}

/** The key a device sends with from now on; none, and it sends no more. */
export async function saveKey(
  db: Database,
  householdId: string,
  id: string,
  keyHash: string | null,
): Promise<void> {
  await db<Stored>('devices').where({ household_id: householdId, id }).update({ key_hash: keyHash });
}

/** Notes how the files of a device are read. */
export async function saveColumns(
  db: Database,
  householdId: string,
  id: string,
  columns: Columns,
): Promise<void> {
  await db<Stored>('devices')
    .where({ household_id: householdId, id })
    .update({ columns: JSON.stringify(columns) });
}

/** Takes a device away with all it read. */
export async function deleteDevice(db: Database, householdId: string, id: string): Promise<void> {
  await db<Stored>('devices').where({ household_id: householdId, id }).delete();
}

export async function deleteDevices(db: Database, householdId: string): Promise<void> {
  await db<Stored>('devices').where({ household_id: householdId }).delete();
}

/** The channels of a household's devices, or of one of them. */
export async function listChannels(
  db: Database,
  householdId: string,
  deviceId?: string,
): Promise<ChannelRow[]> {
  const rows = await db<StoredChannel>('device_channels')
    .where({ household_id: householdId, ...(deviceId !== undefined && { device_id: deviceId }) })
    .orderBy('name');
  return rows.map(readChannel);
}

export async function insertChannel(
  db: Database,
  householdId: string,
  deviceId: string,
  name: string,
): Promise<void> {
  await db<StoredChannel>('device_channels').insert({
    household_id: householdId,
    device_id: deviceId,
    name,
  });
}

/** Changes what is noted of a channel. */
export async function updateChannel(
  db: Database,
  householdId: string,
  id: number,
  { measured, last, ...changes }: Partial<Omit<ChannelRow, 'id' | 'deviceId' | 'name'>>,
): Promise<void> {
  await db<StoredChannel>('device_channels')
    .where({ household_id: householdId, id })
    .update({
      ...(measured !== undefined && { measured: measured && JSON.stringify(measured) }),
      ...(last && { last_at: last.at, last_c: last.celsius }),
      ...Object.fromEntries(
        Object.entries(changes)
          .filter(([, value]) => value !== undefined)
          .map(([name, value]) => [COLUMNS[name as keyof typeof COLUMNS], value]),
      ),
    });
}

const COLUMNS = {
  since: 'since',
  battery: 'battery',
  leapt: 'leapt',
  thinnedUntil: 'thinned_until',
  unthinned: 'unthinned',
  judgedUntil: 'judged_until',
  judgedLimit: 'judged_limit',
} as const;
