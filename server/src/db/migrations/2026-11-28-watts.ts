import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';

interface Before {
  readonly ovens: readonly object[];
}

/** Each oven with or without a fan, which nobody has said yet; and what the microwave puts out, W. */
export async function up(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ kitchen, ...settings }) => {
    const { ovens } = kitchen as Before;
    return {
      ...settings,
      kitchen: {
        microwaveW: null,
        ...(kitchen as Before),
        ovens: ovens.map((oven) => ({ fan: false, ...oven })),
      },
    };
  });
}

export async function down(knex: Knex): Promise<void> {
  const without = (from: object, field: string) =>
    Object.fromEntries(Object.entries(from).filter(([name]) => name !== field));
  await eachHousehold(knex, ({ kitchen, ...settings }) => ({
    ...settings,
    kitchen: {
      ...without(kitchen as Before, 'microwaveW'),
      ovens: (kitchen as Before).ovens.map((oven) => without(oven, 'fan')),
    },
  }));
}
