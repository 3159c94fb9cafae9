import type { Knex } from 'knex';
import { fromJson } from '../../repositories/json';

type Stored = { id: string; settings: unknown };
type Settings = Record<string, unknown>;

/** Rewrites the settings of every household there is. */
export async function eachHousehold(knex: Knex, change: (settings: Settings) => Settings): Promise<void> {
  const rows = await knex<Stored>('households');
  for (const { id, settings } of rows)
    await knex<Stored>('households')
      .where({ id })
      .update({ settings: JSON.stringify(change(fromJson<Settings>(settings))) });
}
