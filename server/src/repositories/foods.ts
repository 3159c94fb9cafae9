import type { StoredFood } from '@omtel/core/api';
import { FOLD_VERSION, type FoodState } from '@omtel/core/trail';
import type { Knex } from 'knex';
import type { Database } from '../db/connect';
import { fromJson } from './json';

interface Stored {
  household_id: string;
  id: string;
  state: unknown;
  /** Null where nobody at the table needs extra care. */
  in_care: unknown;
  event_count: number;
  gone: boolean;
  fold: number;
  set_aside: boolean;
}

const read = (row: Stored): StoredFood => ({
  state: fromJson<FoodState>(row.state),
  ...(row.in_care !== null && { inCare: fromJson<FoodState>(row.in_care) }),
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
  if (foodIds.length === 0) return [];
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
  if (foodIds.length === 0) return new Map();
  // A state is long, and only its name is wanted.
  const rows = await db<Stored>('foods')
    .where({ household_id: householdId })
    .whereIn('id', [...foodIds])
    .select<{ id: string; name: string }[]>('id', db.raw("JSON_VALUE(state, '$.name') AS name"));
  return new Map(rows.map(({ id, name }) => [id, name]));
}

/** States are long: so many at once are well below what the database takes in one statement. */
const SAVED_AT_ONCE = 50;

/** Keeps foods as they stand now, and forgets those that never came. */
export function foodsSaved(
  db: Database,
  householdId: string,
  { foods, withdrawn }: Folded,
): Knex.QueryBuilder[] {
  const rows = foods.map(({ state, inCare, eventCount }) => ({
    household_id: householdId,
    id: state.foodId,
    state: JSON.stringify(state),
    in_care: inCare ? JSON.stringify(inCare) : null,
    event_count: eventCount,
    gone: state.place === 'gone',
    fold: FOLD_VERSION,
    set_aside: state.setAside === true,
  }));
  const saved: Knex.QueryBuilder[] = [];
  for (let i = 0; i < rows.length; i += SAVED_AT_ONCE)
    saved.push(
      db('foods')
        .insert(rows.slice(i, i + SAVED_AT_ONCE))
        .onConflict(['household_id', 'id'])
        .merge(['state', 'in_care', 'event_count', 'gone', 'fold', 'set_aside']),
    );
  if (withdrawn.length)
    saved.push(
      db('foods')
        .where({ household_id: householdId })
        .whereIn('id', [...withdrawn])
        .delete(),
    );
  return saved;
}

/** What came of folding: the foods there are, and those whose coming was withdrawn. */
export interface Folded {
  readonly foods: readonly StoredFood[];
  readonly withdrawn: readonly string[];
}

/** Foods whose stored state comes from an older fold, in any household: what is at hand first, the newest of it first. */
export async function staleFoods(
  db: Database,
  most: number,
  without: readonly string[],
): Promise<{ householdId: string; foodId: string }[]> {
  const rows = await db<Stored>('foods')
    .where('fold', '<', FOLD_VERSION)
    .whereNotIn('id', [...without])
    .orderBy('gone')
    // They are numbered by their time.
    .orderBy('id', 'desc')
    .limit(most)
    .select('household_id', 'id');
  return rows.map(({ household_id, id }) => ({ householdId: household_id, foodId: id }));
}

/** Those of a household that an older fold left: of these foods, or of all at hand. */
export async function staleOf(
  db: Database,
  householdId: string,
  foodIds?: readonly string[],
): Promise<string[]> {
  const stale = db<Stored>('foods').where({ household_id: householdId }).where('fold', '<', FOLD_VERSION);
  return (foodIds ? stale.whereIn('id', [...foodIds]) : stale.where({ gone: false })).pluck('id');
}

export async function countStale(db: Database): Promise<number> {
  return countOf(await db<Stored>('foods').where('fold', '<', FOLD_VERSION).count({ n: '*' }));
}

/** How many foods there are, in all households, whose history will not fold. */
export async function countSetAside(db: Database): Promise<number> {
  return countOf(await db<Stored>('foods').where({ set_aside: true }).count({ n: '*' }));
}

const countOf = ([row]: Record<string, unknown>[]): number => Number(row?.n ?? 0);

export async function deleteFoods(db: Database, householdId: string): Promise<void> {
  await db('foods').where({ household_id: householdId }).delete();
}
