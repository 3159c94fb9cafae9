import type { MealState } from '@omtel/core/trail';
import type { Knex } from 'knex';
import type { Database } from '../db/connect';
import type { Question } from '../db/together';
import { fromJson } from './json';

interface Stored {
  household_id: string;
  id: string;
  state: unknown;
  serve_at: number;
  dropped: boolean;
}

const read = (rows: readonly Stored[]): MealState[] => rows.map(({ state }) => fromJson<MealState>(state));

/** The meals that are served after a moment, those not wanted any more left out; the first first. */
export async function mealsSince(
  db: Database,
  householdId: string,
  servedAfter: number,
): Promise<MealState[]> {
  const rows = await db<Stored>('meals')
    .where({ household_id: householdId, dropped: false })
    .where('serve_at', '>', servedAfter)
    .orderBy('serve_at')
    .orderBy('id');
  return read(rows);
}

/** The meals of these ids that there are. */
export const mealsOf = (
  db: Database,
  householdId: string,
  mealIds: readonly string[],
): Question<MealState[]> => ({
  query: db<Stored>('meals')
    .where({ household_id: householdId })
    .whereIn('id', [...mealIds]),
  read,
});

/** Keeps meals as they stand now. */
export const mealsSaved = (
  db: Database,
  householdId: string,
  meals: readonly MealState[],
): Knex.QueryBuilder[] =>
  meals.length === 0
    ? []
    : [
        db('meals')
          .insert(
            meals.map((meal) => ({
              household_id: householdId,
              id: meal.mealId,
              state: JSON.stringify(meal),
              serve_at: meal.schedule?.serveAt ?? meal.wanted.serveAt,
              dropped: meal.dropped,
            })),
          )
          .onConflict(['household_id', 'id'])
          .merge(['state', 'serve_at', 'dropped']),
      ];

export async function mealNames(
  db: Database,
  householdId: string,
  mealIds: readonly string[],
): Promise<Map<string, string>> {
  if (mealIds.length === 0) return new Map();
  const rows = await db<Stored>('meals')
    .where({ household_id: householdId })
    .whereIn('id', [...mealIds])
    .select<{ id: string; name: string }[]>('id', db.raw("JSON_VALUE(state, '$.wanted.name') AS name"));
  return new Map(rows.map(({ id, name }) => [id, name]));
}

export async function deleteMeals(db: Database, householdId: string): Promise<void> {
  await db('meals').where({ household_id: householdId }).delete();
}
