import type { Knex } from 'knex';
import { addIndex } from './steps';

const INDEX = 'store_readings_household_id_at_id_index';

/** The record of the stores is read by page, newest first. */
export async function up(knex: Knex): Promise<void> {
  await addIndex(knex, 'store_readings', INDEX, (table) => {
    table.index(['household_id', 'at', 'id'], INDEX);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('store_readings', (table) => {
    table.dropIndex([], INDEX);
  });
}
