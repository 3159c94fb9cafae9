import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** Households, their foods with the state they stand in, and the events that led there. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    households: (table) => {
      table.uuid('id').primary();
      table.string('name', 120).notNullable();
      table.json('settings').notNullable();
      table.boolean('demo').notNullable().defaultTo(false);
      // The household's clock against the wall clock: where it began, and how far it was moved ahead since.
      table.bigInteger('clock_start_ms').notNullable().defaultTo(0);
      table.bigInteger('clock_ahead_ms').notNullable().defaultTo(0);
    },

    events: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').notNullable();
      table.uuid('food_id').notNullable();
      table.string('type', 40).notNullable();
      table.bigInteger('at').notNullable();
      table.bigInteger('recorded_at').notNullable();
      table.json('payload').notNullable();
      table.bigIncrements('seq', { primaryKey: false }).unique();
      table.primary(['household_id', 'id']);
      table.index(['household_id', 'food_id']);
      table.index(['household_id', 'at']);
    },

    foods: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').notNullable();
      table.json('state').notNullable();
      table.integer('event_count').notNullable();
      table.boolean('gone').notNullable();
      table.primary(['household_id', 'id']);
      table.index(['household_id', 'gone']);
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['foods', 'events', 'households']);
