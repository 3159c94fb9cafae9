import { referredTo } from '@omtel/core/trail';
import type { FoodEvent } from '@omtel/core/record';
import type { Database } from '../db/connect';

interface Stored {
  household_id: string;
  parent_id: string;
  child_id: string;
}

/** Notes which foods came from which, as these events tell; what is known already stays. */
export async function appendLineage(
  db: Database,
  householdId: string,
  events: readonly FoodEvent[],
): Promise<void> {
  const rows = events.flatMap((event) =>
    referredTo([event]).map((parent_id) => ({
      household_id: householdId,
      parent_id,
      child_id: event.foodId,
    })),
  );
  if (rows.length) await db<Stored>('lineage').insert(rows).onConflict().ignore();
}

/** The foods that were divided from these or had these put to them, and all that came of those, without these. */
export async function descendantsOf(
  db: Database,
  householdId: string,
  foodIds: readonly string[],
): Promise<string[]> {
  const found = new Set<string>(foodIds);
  for (let next = [...foodIds]; next.length;) {
    const children: string[] = await db<Stored>('lineage')
      .where({ household_id: householdId })
      .whereIn('parent_id', next)
      .distinct()
      .pluck('child_id');
    next = children.filter((id) => !found.has(id));
    next.forEach((id) => found.add(id));
  }
  return [...found].filter((id) => !foodIds.includes(id));
}

export async function deleteLineage(db: Database, householdId: string): Promise<void> {
  await db('lineage').where({ household_id: householdId }).delete();
}
