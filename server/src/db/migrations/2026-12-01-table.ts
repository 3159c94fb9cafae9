import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';
import { addColumn } from './steps';

/** Who eats in a household, whom nobody has named yet; and a food as it stands for who needs extra care. */
export async function up(knex: Knex): Promise<void> {
  await addColumn(knex, 'foods', 'in_care', (table) => {
    table.json('in_care').nullable();
  });
  await eachHousehold(knex, (settings) => ({ table: [], ...settings }));
}

export async function down(knex: Knex): Promise<void> {
  await eachHousehold(knex, (settings) =>
    Object.fromEntries(Object.entries(settings).filter(([name]) => name !== 'table')),
  );
  await knex.schema.alterTable('foods', (table) => table.dropColumn('in_care'));
}
