import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** Meals as they stand; what was said of them lies among the events, under their ids. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    meals: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').notNullable();
      table.json('state').notNullable();
      table.bigInteger('serve_at').notNullable();
      table.boolean('dropped').notNullable();
      table.primary(['household_id', 'id']);
      table.index(['household_id', 'serve_at']);
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['meals']);
