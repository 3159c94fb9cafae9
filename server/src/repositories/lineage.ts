import { referredTo } from '@omtel/core/trail';
import type { FoodEvent } from '@omtel/core/record';
import type { Knex } from 'knex';
import type { Database } from '../db/connect';
import { ask, type Question } from '../db/together';

interface Stored {
  household_id: string;
  parent_id: string;
  child_id: string;
}

/** Notes which foods came from which, as these events tell; what is known already stays. */
export function lineageAppended(
  db: Database,
  householdId: string,
  events: readonly FoodEvent[],
): Knex.QueryBuilder[] {
  const rows = events.flatMap((event) =>
    referredTo([event]).map((parent_id) => ({
      household_id: householdId,
      parent_id,
      child_id: event.foodId,
    })),
  );
  return rows.length ? [db<Stored>('lineage').insert(rows).onConflict().ignore()] : [];
}

/** The foods that were divided from these, or had these put to them. */
export const childrenOf = (
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Question<string[]> => ({
  query: db<Stored>('lineage')
    .where({ household_id: householdId })
    .whereIn('parent_id', [...foodIds])
    .distinct('child_id'),
  read: (rows: readonly Stored[]) => rows.map(({ child_id }) => child_id),
});

/**
 * All that came of foods, without these.
 *
 * @param children the foods that came of them at once
 */
export async function descendantsOf(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
  children: readonly string[],
): Promise<string[]> {
  const found = new Set<string>([...foodIds, ...children]);
  for (let next = children.filter((id) => !foodIds.includes(id)); next.length;) {
    next = (await ask(childrenOf(db, householdId, next))).filter((id) => !found.has(id));
    next.forEach((id) => found.add(id));
  }
  return [...found].filter((id) => !foodIds.includes(id));
}

export async function deleteLineage(db: Database, householdId: string): Promise<void> {
  await db('lineage').where({ household_id: householdId }).delete();
}
