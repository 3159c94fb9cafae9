import type { StoreId, StoreReading } from '@omtel/core/api';
import type { Cursor } from '@omtel/core/intake';
import type { Temperature } from '@omtel/core/units';
import type { Database } from '../db/connect';
import { fromJson } from './json';
import { paged, pageOf } from './page';

interface Stored {
  household_id: string;
  id: string;
  store: StoreId;
  at: number;
  temperature: unknown;
  channel_id: number | null;
}

const read = ({ id, store, at, temperature }: Stored): StoreReading => ({
  id,
  store,
  at: Number(at),
  temperature: fromJson<Temperature>(temperature),
});

export async function insertStoreReading(
  db: Database,
  householdId: string,
  { temperature, ...reading }: StoreReading,
  channelId: number | null,
): Promise<void> {
  await db('store_readings').insert({
    ...reading,
    household_id: householdId,
    channel_id: channelId,
    temperature: JSON.stringify(temperature),
  });
}

export async function findStoreReading(
  db: Database,
  householdId: string,
  id: string,
): Promise<StoreReading | null> {
  const row = await db<Stored>('store_readings').where({ household_id: householdId, id }).first();
  return row ? read(row) : null;
}

/** The reading of the same store that followed one, if any. */
export async function storeReadingAfter(
  db: Database,
  householdId: string,
  { id, store, at }: StoreReading,
): Promise<StoreReading | null> {
  const row = await db<Stored>('store_readings')
    .where({ household_id: householdId, store })
    .where((later) => later.where('at', '>', at).orWhere((same) => same.where({ at }).where('id', '>', id)))
    .orderBy('at')
    .orderBy('id')
    .first();
  return row ? read(row) : null;
}

export async function deleteStoreReading(db: Database, householdId: string, id: string): Promise<void> {
  await db('store_readings').where({ household_id: householdId, id }).delete();
}

/** The readings of one store up to a moment, newest first. */
export async function storeReadingsUntil(
  db: Database,
  householdId: string,
  store: StoreId,
  at: number,
  most: number,
): Promise<StoreReading[]> {
  const rows = await db<Stored>('store_readings')
    .where({ household_id: householdId, store })
    .where('at', '<=', at)
    .orderBy('at', 'desc')
    .orderBy('id', 'desc')
    .limit(most);
  return rows.map(read);
}

/** What was put on the record by a channel of a device, since a moment. */
export async function storeReadingsOfChannel(
  db: Database,
  householdId: string,
  channelId: number,
  since: number,
): Promise<StoreReading[]> {
  const rows = await db<Stored>('store_readings')
    .where({ household_id: householdId, channel_id: channelId })
    .where('at', '>=', since)
    .orderBy('at');
  return rows.map(read);
}

/** What the air of stores read last at moments; null where nobody read it before. */
export async function storeReadingsAt(
  db: Database,
  householdId: string,
  asked: readonly { readonly store: StoreId; readonly at: number }[],
): Promise<readonly (StoreReading | null)[]> {
  if (asked.length === 0) return [];
  const each = asked.map(({ store, at }, index) =>
    db<Stored>('store_readings')
      .where({ household_id: householdId, store })
      .where('at', '<=', at)
      .orderBy('at', 'desc')
      .orderBy('id', 'desc')
      .limit(1)
      .select('*', db.raw('? AS asked', [index])),
  );
  const rows = (await db.unionAll(each, true)) as (Stored & { asked: number })[];
  const found = new Map(rows.map((row) => [Number(row.asked), read(row)]));
  return asked.map((_, index) => found.get(index) ?? null);
}

/** All that the air of stores ever read, in the order of time. */
export async function allStoreReadings(db: Database, householdId: string): Promise<StoreReading[]> {
  const rows = await db<Stored>('store_readings')
    .where({ household_id: householdId })
    .orderBy('at')
    .orderBy('id');
  return rows.map(read);
}

/** A page of the readings of all stores, newest first. */
export async function pageOfStoreReadings(
  db: Database,
  householdId: string,
  most: number,
  before?: Cursor,
): Promise<{ readonly rows: readonly StoreReading[]; readonly next: string | null }> {
  const query = db<Stored>('store_readings').where({ household_id: householdId });
  return paged((await pageOf(query, { before, most })).map(read), most);
}

export async function deleteStoreReadings(db: Database, householdId: string): Promise<void> {
  await db('store_readings').where({ household_id: householdId }).delete();
}
