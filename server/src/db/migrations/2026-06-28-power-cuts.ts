import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** When a household had no power, and how its stores stood then. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    power_cuts: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').notNullable();
      table.bigInteger('off_at').notNullable();
      table.bigInteger('on_at').nullable();
      table.string('freezer', 10).notNullable();
      table.json('opened').notNullable();
      table.primary(['household_id', 'id']);
      table.index(['household_id', 'off_at']);
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['power_cuts']);
