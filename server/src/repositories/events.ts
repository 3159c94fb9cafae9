import type { Cursor } from '@omtel/core/intake';
import {
  isOfMeal,
  mealEventTypes,
  subjectOf,
  type EventType,
  type FoodEvent,
  type KitchenEvent,
  type MealEvent,
} from '@omtel/core/record';
import type { Knex } from 'knex';
import type { Database } from '../db/connect';
import type { Question } from '../db/together';
import type { HouseholdRow } from './households';
import { fromJson } from './json';
import { paged, pageOf } from './page';

export interface StoredEvent {
  household_id: string;
  id: string;
  /** What it is about: a food, or a meal. */
  food_id: string;
  type: string;
  at: number;
  payload: unknown;
  seq: number;
  /** Who entered it; nobody in the demo, or where a device or Omtel itself did. */
  person_id: string | null;
}

const OF_MEALS: ReadonlySet<string> = new Set(mealEventTypes);

export const readEvent = (row: StoredEvent): KitchenEvent =>
  ({
    id: row.id,
    ...(OF_MEALS.has(row.type) ? { mealId: row.food_id } : { foodId: row.food_id }),
    type: row.type,
    at: Number(row.at),
    payload: fromJson(row.payload),
    seq: Number(row.seq),
  }) as KitchenEvent;

/** Those of foods: what was said of a meal is none of a food's, whatever its id. */
const readOfFoods = (rows: readonly StoredEvent[]): FoodEvent[] =>
  rows.map(readEvent).filter((event): event is FoodEvent => !isOfMeal(event));

/** Events with their numbers, in the order the household takes them in. It has to be locked. */
export const numbered = <Event extends KitchenEvent>(
  { lastSeq }: Pick<HouseholdRow, 'lastSeq'>,
  events: readonly Event[],
): Event[] => events.map((event, index) => ({ ...event, seq: lastSeq + index + 1 }));

/** When, by the household’s clock, and by whom something is entered. */
export interface Entering {
  readonly now: number;
  /** Null: Omtel itself, or the demo’s anybody. */
  readonly by: string | null;
}

/** Appends numbered events that are not known yet, as somebody entered them. */
export const eventsAppended = (
  trx: Database,
  householdId: string,
  events: readonly KitchenEvent[],
  { now, by }: Entering,
): Knex.QueryBuilder[] => [
  trx('events').insert(
    events.map((event) => ({
      household_id: householdId,
      id: event.id,
      food_id: subjectOf(event),
      type: event.type,
      at: event.at,
      recorded_at: now,
      payload: JSON.stringify(event.payload),
      seq: event.seq,
      person_id: by,
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
  query: db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereIn('food_id', [...foodIds]),
  read: readOfFoods,
});

/** The histories of foods, each in order of time; empty where nothing is known. */
export async function eventsOfFoods(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<Map<string, FoodEvent[]>> {
  const histories = new Map<string, FoodEvent[]>(foodIds.map((id) => [id, []]));
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereIn('food_id', [...foodIds])
    .orderBy('at')
    .orderBy('id');
  for (const event of readOfFoods(rows)) histories.get(event.foodId)?.push(event);
  return histories;
}

/** The events of these ids that are known. */
export async function eventsById(
  db: Database,
  householdId: string,
  ids: readonly string[],
): Promise<KitchenEvent[]> {
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereIn('id', [...ids]);
  return rows.map(readEvent);
}

/** All that was ever said of meals, in the order it was taken in. */
export async function eventsOfMeals(
  db: Database,
  householdId: string,
  mealIds: readonly string[],
): Promise<MealEvent[]> {
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereIn('food_id', [...mealIds])
    .whereIn('type', [...mealEventTypes])
    .orderBy('seq');
  return rows.map(readEvent).filter(isOfMeal);
}

/** What of some types happened in a household from one moment to another, both included, as it was first recorded. */
export async function eventsBetween(
  db: Database,
  householdId: string,
  types: readonly EventType[],
  [from, to]: readonly [from: number, to: number],
): Promise<FoodEvent[]> {
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereBetween('at', [from, to])
    .whereIn('type', [...types])
    .orderBy('at')
    .orderBy('id');
  return readOfFoods(rows);
}

/** What the corrections of foods say. */
export async function correctionsOf(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<FoodEvent[]> {
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId, type: 'corrected' })
    .whereIn('food_id', [...foodIds]);
  return readOfFoods(rows);
}

/**
 * A page of what happened in a household, newest first, as it was first recorded; corrections are none of their own, and a schedule
 * is worked out.
 */
export async function pageOfEvents(
  db: Database,
  householdId: string,
  most: number,
  before?: Cursor,
): Promise<{ readonly rows: readonly Entered[]; readonly next: string | null }> {
  const query = db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereNotIn('type', ['corrected', 'mealScheduled']);
  const rows = await pageOf(query, { before, most });
  return paged(rows.map(entered), most);
}

/** What a household took in after one of its entries, in its order, as it was recorded. */
export async function eventsAfter(
  db: Database,
  householdId: string,
  seq: number,
  most: number,
): Promise<readonly Entered[]> {
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId })
    .where('seq', '>', seq)
    .orderBy('seq')
    .limit(most);
  return rows.map(entered);
}

const entered = (row: StoredEvent): Entered => ({
  at: Number(row.at),
  id: row.id,
  event: readEvent(row),
  personId: row.person_id,
});

/** An entry as it was first recorded, and who made it. */
export interface Entered {
  readonly at: number;
  readonly id: string;
  readonly event: KitchenEvent;
  readonly personId: string | null;
}

/** Who entered those of these ids that are known. */
export async function enteredBy(
  db: Database,
  householdId: string,
  ids: readonly string[],
): Promise<ReadonlyMap<string, string | null>> {
  const rows = await db<StoredEvent>('events')
    .where({ household_id: householdId })
    .whereIn('id', [...ids])
    .select('id', 'person_id');
  return new Map(rows.map((row) => [row.id, row.person_id]));
}

export async function deleteEvents(db: Database, householdId: string): Promise<void> {
  await db('events').where({ household_id: householdId }).delete();
}

/** Deletes so many events of a household at most; how many there were. */
export const deletePartOfEvents = (db: Database, householdId: string, most: number): Promise<number> =>
  db('events').where({ household_id: householdId }).limit(most).delete();
