import { DEFAULT_SETTINGS } from '@omtel/core/household';
import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';

interface Before {
  readonly ovenShelves?: number;
}
interface After {
  readonly ovens?: readonly { readonly shelves: number }[];
}

/** Kitchens get ovens each by itself, and measures that nobody has said yet. */
export async function up(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ kitchen, ...settings }) => {
    const { ovenShelves, ...rest } = kitchen as Before;
    const ovens =
      ovenShelves === undefined
        ? {}
        : { ovens: ovenShelves > 0 ? [{ shelves: ovenShelves, widestM: null }] : [] };
    return { ...settings, kitchen: { ...DEFAULT_SETTINGS.kitchen, ...rest, ...ovens } };
  });
}

export async function down(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ kitchen, ...settings }) => {
    const { ovens = [], ...rest } = kitchen as After;
    const added = ['warm', 'potLitres', 'coldLitres'];
    const kept = Object.fromEntries(Object.entries(rest).filter(([name]) => !added.includes(name)));
    return { ...settings, kitchen: { ...kept, ovenShelves: ovens[0]?.shelves ?? 0 } };
  });
}
