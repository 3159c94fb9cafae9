import type { Cursor } from '@omtel/core/api';
import type { EventType, FoodEvent } from '@omtel/core/record';
import type { Knex } from 'knex';
import type { Database } from '../db/connect';
import type { Question } from '../db/together';
import type { HouseholdRow } from './households';
import { fromJson } from './json';
import { paged, pageOf } from './page';

interface Stored {
  household_id: string;
  id: string;
  food_id: string;
  type: string;
  at: number;
  payload: unknown;
  seq: number;
}

const read = (row: Stored): FoodEvent =>
  ({
    id: row.id,
    foodId: row.food_id,
    type: row.type,
    at: Number(row.at),
    payload: fromJson(row.payload),
    seq: Number(row.seq),
  }) as FoodEvent;

/** Events with their numbers, in the order the household takes them in. It has to be locked. */
export const numbered = (
  { lastSeq }: Pick<HouseholdRow, 'lastSeq'>,
  events: readonly FoodEvent[],
): FoodEvent[] => events.map((event, index) => ({ ...event, seq: lastSeq + index + 1 }));

/** Appends numbered events that are not known yet. */
export const eventsAppended = (
  trx: Database,
  householdId: string,
  events: readonly FoodEvent[],
  recordedAt: number,
): Knex.QueryBuilder[] => [
  trx('events').insert(
    events.map(({ id, foodId, type, at, payload, seq }) => ({
      household_id: householdId,
      id,
      food_id: foodId,
      type,
      at,
      recorded_at: recordedAt,
      payload: JSON.stringify(payload),
      seq,
    })),
  ),
  trx('households')
    .where({ id: householdId })
    .update({ last_seq: events.at(-1)!.seq }),
];

/** All that is known of these foods. */
export const eventsOf = (
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Question<FoodEvent[]> => ({
  query: db<Stored>('events')
    .where({ household_id: householdId })
    .whereIn('food_id', [...foodIds]),
  read: (rows: readonly Stored[]) => rows.map(read),
});

/** The histories of foods, each in order of time; empty where nothing is known. */
export async function eventsOfFoods(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<Map<string, FoodEvent[]>> {
  const histories = new Map<string, FoodEvent[]>(foodIds.map((id) => [id, []]));
  const rows = await db<Stored>('events')
    .where({ household_id: householdId })
    .whereIn('food_id', [...foodIds])
    .orderBy('at')
    .orderBy('id');
  for (const row of rows) histories.get(row.food_id)?.push(read(row));
  return histories;
}

/** The events of these ids that are known. */
export async function eventsById(
  db: Database,
  householdId: string,
  ids: readonly string[],
): Promise<FoodEvent[]> {
  const rows = await db<Stored>('events')
    .where({ household_id: householdId })
    .whereIn('id', [...ids]);
  return rows.map(read);
}

/** What of some types happened in a household from one moment to another, both included, as it was first recorded. */
export async function eventsBetween(
  db: Database,
  householdId: string,
  types: readonly EventType[],
  [from, to]: readonly [from: number, to: number],
): Promise<FoodEvent[]> {
  const rows = await db<Stored>('events')
    .where({ household_id: householdId })
    .whereBetween('at', [from, to])
    .whereIn('type', [...types])
    .orderBy('at')
    .orderBy('id');
  return rows.map(read);
}

/** What the corrections of foods say. */
export async function correctionsOf(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<FoodEvent[]> {
  const rows = await db<Stored>('events')
    .where({ household_id: householdId, type: 'corrected' })
    .whereIn('food_id', [...foodIds]);
  return rows.map(read);
}

/** A page of what happened in a household, newest first, as it was first recorded; corrections are none of their own. */
export async function pageOfEvents(
  db: Database,
  householdId: string,
  most: number,
  before?: Cursor,
): Promise<{ readonly rows: readonly FoodEvent[]; readonly next: string | null }> {
  const query = db<Stored>('events').where({ household_id: householdId }).whereNot({ type: 'corrected' });
  return paged((await pageOf(query, { before, most })).map(read), most);
}

export async function deleteEvents(db: Database, householdId: string): Promise<void> {
  await db('events').where({ household_id: householdId }).delete();
}
