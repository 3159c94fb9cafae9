import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** The private address at which a calendar follows a household's plans; none, or one that can be taken back. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    calendar_feeds: (table) => {
      table.uuid('household_id').primary().references('households.id').onDelete('CASCADE');
      table.string('token_hash', 64).notNullable().unique();
      table.bigInteger('since').notNullable();
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['calendar_feeds']);
