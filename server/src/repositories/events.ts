import type { FoodEvent } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { fromJson } from './json';

interface Stored {
  household_id: string;
  id: string;
  food_id: string;
  type: string;
  at: number;
  payload: unknown;
}

const read = (row: Stored): FoodEvent =>
  ({
    id: row.id,
    foodId: row.food_id,
    type: row.type,
    at: Number(row.at),
    payload: fromJson(row.payload),
  }) as FoodEvent;

/** Appends events; one whose id is known already is left as it was first recorded. */
export async function appendEvents(
  db: Database,
  householdId: string,
  events: readonly FoodEvent[],
  recordedAt: number,
): Promise<void> {
  await db('events')
    .insert(
      events.map(({ id, foodId, type, at, payload }) => ({
        household_id: householdId,
        id,
        food_id: foodId,
        type,
        at,
        recorded_at: recordedAt,
        payload: JSON.stringify(payload),
      })),
    )
    .onConflict(['household_id', 'id'])
    .ignore();
}

export async function eventsOfFood(db: Database, householdId: string, foodId: string): Promise<FoodEvent[]> {
  const rows = await db<Stored>('events')
    .where({ household_id: householdId, food_id: foodId })
    .orderBy('at')
    .orderBy('id');
  return rows.map(read);
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

/** What happened in a household from one moment to another, both included, as it was first recorded. */
export async function eventsBetween(
  db: Database,
  householdId: string,
  from: number,
  to: number,
): Promise<FoodEvent[]> {
  const rows = await db<Stored>('events')
    .where({ household_id: householdId })
    .whereBetween('at', [from, to])
    .orderBy('at')
    .orderBy('id');
  return rows.map(read);
}

/** The foods that events with these ids were first recorded for. */
export async function foodsOfEvents(
  db: Database,
  householdId: string,
  ids: readonly string[],
): Promise<string[]> {
  return db('events')
    .where({ household_id: householdId })
    .whereIn('id', [...ids])
    .distinct()
    .pluck('food_id');
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

/** The latest things that happened in a household, newest first; corrections are none of their own. */
export async function latestEvents(db: Database, householdId: string, most: number): Promise<FoodEvent[]> {
  const rows = await db<Stored>('events')
    .where({ household_id: householdId })
    .whereNot({ type: 'corrected' })
    .orderBy('at', 'desc')
    .orderBy('id', 'desc')
    .limit(most);
  return rows.map(read);
}

export async function deleteEvents(db: Database, householdId: string): Promise<void> {
  await db('events').where({ household_id: householdId }).delete();
}
