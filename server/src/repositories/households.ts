import type { Heard, Settings } from '@omtel/core/api';
import type { Knex } from 'knex';
import type { Database } from '../db/connect';
import type { Question } from '../db/together';
import { fromJson } from './json';

export interface HouseholdRow {
  readonly id: string;
  readonly name: string;
  readonly settings: Settings;
  readonly demo: boolean;
  readonly clockStartMs: number;
  readonly clockAheadMs: number;
  /** The number of the latest entry it took in. */
  readonly lastSeq: number;
  /** Grows with whatever is changed beside its entries. */
  readonly turn: number;
  /** When it is deleted, by the wall clock; null: nobody asked for that. */
  readonly closesAt: number | null;
}

interface Stored {
  id: string;
  name: string;
  settings: unknown;
  demo: number | boolean;
  clock_start_ms: number;
  clock_ahead_ms: number;
  last_seq: number;
  turn: number;
  closes_at: number | null;
}

const read = (row: Stored): HouseholdRow => ({
  id: row.id,
  name: row.name,
  settings: fromJson<Settings>(row.settings),
  demo: Boolean(row.demo),
  clockStartMs: Number(row.clock_start_ms),
  clockAheadMs: Number(row.clock_ahead_ms),
  lastSeq: Number(row.last_seq),
  turn: Number(row.turn),
  closesAt: row.closes_at === null ? null : Number(row.closes_at),
});

/** How far households have come. */
export async function heardBy(
  db: Database,
  householdIds: readonly string[],
): Promise<ReadonlyMap<string, Heard>> {
  const rows = await db<Stored>('households')
    .whereIn('id', [...householdIds])
    .select('id', 'last_seq', 'turn');
  return new Map(rows.map(({ id, last_seq, turn }) => [id, { seq: Number(last_seq), turn: Number(turn) }]));
}

export async function findHousehold(db: Database, householdId: string): Promise<HouseholdRow | null> {
  const row = await db<Stored>('households').where({ id: householdId }).first();
  return row ? read(row) : null;
}

/**
 * Takes the household for this transaction alone, on the node it is on, so that its foods are folded one batch after the other. Who
 * then writes to its row has it alone on every node of a cluster: of two only one can commit.
 */
export const householdLocked = (trx: Database, householdId: string): Question<HouseholdRow | null> => ({
  query: trx<Stored>('households').where({ id: householdId }).forUpdate(),
  read: ([row]: readonly Stored[]) => (row ? read(row) : null),
});

/** Takes the household for this transaction alone, whatever is written then, on every node of a cluster. */
export async function lockHousehold(trx: Database, householdId: string): Promise<HouseholdRow | null> {
  await trx<Stored>('households').where({ id: householdId }).increment('turn', 1);
  return findHousehold(trx, householdId);
}

/** @param locked keeps anybody from adding one as well, in a transaction */
export async function findDemoHousehold(db: Database, { locked = false } = {}): Promise<HouseholdRow | null> {
  const asked = db<Stored>('households').where({ demo: true }).first();
  const row = await (locked ? asked.forUpdate() : asked);
  return row ? read(row) : null;
}

/** @param nameKey how it is told from others at the door; null where nobody signs in by its name */
export async function insertHousehold(
  db: Database,
  household: HouseholdRow,
  nameKey: string | null,
): Promise<void> {
  await db('households').insert({
    id: household.id,
    name: household.name,
    name_key: nameKey,
    settings: JSON.stringify(household.settings),
    demo: household.demo,
    clock_start_ms: household.clockStartMs,
    clock_ahead_ms: household.clockAheadMs,
  });
}

export async function saveSettings(db: Database, householdId: string, settings: Settings): Promise<void> {
  await db('households')
    .where({ id: householdId })
    .update({ settings: JSON.stringify(settings) });
}

export async function saveClock(
  db: Database,
  householdId: string,
  clock: { startMs: number; aheadMs: number },
): Promise<void> {
  await db('households')
    .where({ id: householdId })
    .increment('turn', 1)
    .update({ clock_start_ms: clock.startMs, clock_ahead_ms: clock.aheadMs });
}

/** Says when a household is deleted, where that is not said yet. */
export async function saveClosing(db: Database, householdId: string, closesAt: number): Promise<void> {
  await db<Stored>('households')
    .where({ id: householdId })
    .whereNull('closes_at')
    .increment('turn', 1)
    .update({ closes_at: closesAt });
}

/** It is kept after all. */
export async function forgetClosing(db: Database, householdId: string): Promise<void> {
  await db<Stored>('households').where({ id: householdId }).increment('turn', 1).update({ closes_at: null });
}

/** Of households, those whose time to be deleted has not come; it is looked for where somebody comes in. */
export const stillOpen = (now: number) => (query: Knex.QueryBuilder) =>
  void query.whereNull('households.closes_at').orWhere('households.closes_at', '>', now);

/** Those whose time has come. */
export const closedHouseholds = (db: Database, now: number): Promise<string[]> =>
  db<Stored>('households').where('closes_at', '<=', now).pluck('id');

/** Deletes a household whose time has come, with whatever refers to it, unless it is kept after all by then. */
export async function deleteClosed(db: Database, householdId: string, now: number): Promise<void> {
  await db<Stored>('households').where({ id: householdId }).where('closes_at', '<=', now).delete();
}
