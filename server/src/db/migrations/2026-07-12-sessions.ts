import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** Who is signed in where, until when. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    sessions: (table) => {
      // What the database holds opens nothing: only the hash of what the device has.
      table.string('token_hash', 64).primary();
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.bigInteger('expires_at').notNullable().index();
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['sessions']);
