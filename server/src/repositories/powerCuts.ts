import type { PowerCut, StoreId } from '@omtel/core/api';
import type { Database } from '../db/connect';
import { fromJson } from './json';

/** A power cut of a household; one that lasts has no end yet. */
export interface PowerCutRow extends PowerCut {
  readonly onAt: number | null;
}

interface Stored {
  household_id: string;
  id: string;
  off_at: number;
  on_at: number | null;
  freezer: PowerCut['freezer'];
  opened: unknown;
}

const read = ({ id, off_at, on_at, freezer, opened }: Stored): PowerCutRow => ({
  id,
  offAt: Number(off_at),
  onAt: on_at === null ? null : Number(on_at),
  freezer,
  opened: fromJson<StoreId[]>(opened),
});

/** Keeps a power cut as it is known now. */
export async function savePowerCut(
  db: Database,
  householdId: string,
  { id, offAt, onAt, freezer, opened }: PowerCutRow,
): Promise<void> {
  const known = { off_at: offAt, on_at: onAt, freezer, opened: JSON.stringify(opened) };
  await db('power_cuts')
    .insert({ household_id: householdId, id, ...known })
    .onConflict(['household_id', 'id'])
    .merge(known);
}

export async function findPowerCut(
  db: Database,
  householdId: string,
  id: string,
): Promise<PowerCutRow | null> {
  const row = await db<Stored>('power_cuts').where({ household_id: householdId, id }).first();
  return row ? read(row) : null;
}

/** The power cuts that touch a span of time, the latest first. */
export async function powerCutsIn(
  db: Database,
  householdId: string,
  [from, to]: readonly [from: number, to: number],
): Promise<PowerCutRow[]> {
  const rows = await db<Stored>('power_cuts')
    .where({ household_id: householdId })
    .where('off_at', '<=', to)
    .where((over) => over.whereNull('on_at').orWhere('on_at', '>', from))
    .orderBy('off_at', 'desc');
  return rows.map(read);
}

/** The first power cut that began after a moment, if any. */
export async function powerCutAfter(
  db: Database,
  householdId: string,
  at: number,
): Promise<PowerCutRow | null> {
  const row = await db<Stored>('power_cuts')
    .where({ household_id: householdId })
    .where('off_at', '>', at)
    .orderBy('off_at')
    .first();
  return row ? read(row) : null;
}

/** The power cut that lasts, if one does. */
export async function lastingPowerCut(db: Database, householdId: string): Promise<PowerCut | null> {
  const row = await db<Stored>('power_cuts').where({ household_id: householdId, on_at: null }).first();
  if (!row) return null;
  const { id, offAt, freezer, opened } = read(row);
  return { id, offAt, freezer, opened };
}

export async function deletePowerCut(db: Database, householdId: string, id: string): Promise<void> {
  await db('power_cuts').where({ household_id: householdId, id }).delete();
}

export async function deletePowerCuts(db: Database, householdId: string): Promise<void> {
  await db('power_cuts').where({ household_id: householdId }).delete();
}
