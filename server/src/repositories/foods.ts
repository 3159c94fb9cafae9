import type { StoredFood } from '@omtel/core/api';
import { FOLD_VERSION, type FoodState } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { fromJson } from './json';

interface Stored {
  household_id: string;
  id: string;
  state: unknown;
  event_count: number;
  gone: boolean;
  fold: number;
}

const read = (row: Stored): StoredFood => ({
  state: fromJson<FoodState>(row.state),
  eventCount: row.event_count,
});

/** The foods a household still has; those eaten or thrown away are left out. */
export async function listFoods(db: Database, householdId: string): Promise<StoredFood[]> {
  const rows = await db<Stored>('foods').where({ household_id: householdId, gone: false });
  return rows.map(read);
}

export async function findFood(
  db: Database,
  householdId: string,
  foodId: string,
): Promise<StoredFood | null> {
  const row = await db<Stored>('foods').where({ household_id: householdId, id: foodId }).first();
  return row ? read(row) : null;
}

/** The foods of these ids that there are, gone or not. */
export async function findFoods(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<StoredFood[]> {
  const rows = await db<Stored>('foods')
    .where({ household_id: householdId })
    .whereIn('id', [...foodIds]);
  return rows.map(read);
}

export async function foodNames(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<Map<string, string>> {
  const foods = await findFoods(db, householdId, foodIds);
  return new Map(foods.map(({ state }) => [state.foodId, state.name]));
}

export async function saveFood(
  db: Database,
  householdId: string,
  { state, eventCount }: StoredFood,
): Promise<void> {
  await db('foods')
    .insert({
      household_id: householdId,
      id: state.foodId,
      state: JSON.stringify(state),
      event_count: eventCount,
      gone: state.place === 'gone',
      fold: FOLD_VERSION,
    })
    .onConflict(['household_id', 'id'])
    .merge(['state', 'event_count', 'gone', 'fold']);
}

/** The foods whose stored state comes from an older fold, in every household. */
export async function staleFoods(db: Database): Promise<{ householdId: string; foodId: string }[]> {
  const rows = await db<Stored>('foods').where('fold', '<', FOLD_VERSION).select('household_id', 'id');
  return rows.map(({ household_id, id }) => ({ householdId: household_id, foodId: id }));
}

export async function deleteFood(db: Database, householdId: string, foodId: string): Promise<void> {
  await db('foods').where({ household_id: householdId, id: foodId }).delete();
}

export async function deleteFoods(db: Database, householdId: string): Promise<void> {
  await db('foods').where({ household_id: householdId }).delete();
}
