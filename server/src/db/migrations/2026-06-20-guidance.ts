import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';
import { addColumn } from './steps';

/** A household's school becomes the guidance it follows, with extra care and values of its own. */
export async function up(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ school, ...settings }) => ({
    guidance: { ...PLAIN_GUIDANCE, school: school ?? PLAIN_GUIDANCE.school },
    formerZones: [],
    thermometer: { readsHighK: 0, inDoubt: false },
    ...settings,
  }));
  // Which fold a stored state came from: one of an older shape is folded from its events again.
  await addColumn(knex, 'foods', 'fold', (table) => void table.integer('fold').notNullable().defaultTo(0));
}

export async function down(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ guidance, formerZones: _zones, thermometer: _thermometer, ...settings }) => ({
    ...settings,
    school: (guidance as typeof PLAIN_GUIDANCE).school,
  }));
  await knex.schema.alterTable('foods', (table) => void table.dropColumn('fold'));
}
