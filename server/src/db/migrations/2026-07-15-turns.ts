import type { Knex } from 'knex';
import { addColumn } from './steps';

/** Whoever takes a household for itself counts on: a change is what every node of a cluster learns of, a lock is not. */
export async function up(knex: Knex): Promise<void> {
  await addColumn(knex, 'households', 'turn', (table) => {
    table.bigInteger('turn').notNullable().defaultTo(0);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('households', (table) => {
    table.dropColumn('turn');
  });
}
