import type { Knex } from 'knex';
import { addColumn, addIndex } from './steps';

const INDEX = 'foods_fold_gone_id_index';

/** Foods whose history cannot be folded are set aside; those an older fold left are found by its number. */
export async function up(knex: Knex): Promise<void> {
  await addColumn(knex, 'foods', 'set_aside', (table) => {
    table.boolean('set_aside').notNullable().defaultTo(false);
  });
  await addIndex(knex, 'foods', INDEX, (table) => {
    table.index(['fold', 'gone', 'id'], INDEX);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('foods', (table) => {
    table.dropIndex([], INDEX);
    table.dropColumn('set_aside');
  });
}
