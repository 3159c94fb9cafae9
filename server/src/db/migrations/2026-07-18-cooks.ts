import { DEFAULT_SETTINGS } from '@omtel/core/household';
import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';

/** Households get what there is to cook with, and who cooks. */
export async function up(knex: Knex): Promise<void> {
  const { kitchen, cooks } = DEFAULT_SETTINGS;
  await eachHousehold(knex, (settings) => ({ kitchen, cooks, ...settings }));
}

export async function down(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ kitchen: _kitchen, cooks: _cooks, ...settings }) => settings);
}
