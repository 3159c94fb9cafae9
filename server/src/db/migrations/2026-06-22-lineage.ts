import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** Which food came from which, and what the air of the stores read. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    lineage: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('parent_id').notNullable();
      table.uuid('child_id').notNullable();
      table.primary(['household_id', 'child_id', 'parent_id']);
      table.index(['household_id', 'parent_id']);
    },
    store_readings: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').notNullable();
      table.string('store', 20).notNullable();
      table.bigInteger('at').notNullable();
      table.json('temperature').notNullable();
      table.primary(['household_id', 'id']);
      table.index(['household_id', 'store', 'at']);
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['store_readings', 'lineage']);
