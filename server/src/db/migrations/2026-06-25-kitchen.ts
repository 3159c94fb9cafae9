import { DEFAULT_SETTINGS } from '@omtel/core/household';
import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';

/** Households get the months in which it is warm outdoors, and room for foods of their own. */
export async function up(knex: Knex): Promise<void> {
  const { warmMonths, ownFoods } = DEFAULT_SETTINGS;
  await eachHousehold(knex, (settings) => ({ warmMonths, ownFoods, ...settings }));
}

export async function down(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ warmMonths: _warmMonths, ownFoods: _ownFoods, ...settings }) => settings);
}
