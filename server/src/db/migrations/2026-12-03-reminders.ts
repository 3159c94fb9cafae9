import { DEFAULT_SETTINGS } from '@omtel/core/household';
import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';
import { dropTables, makeTables } from './steps';

/** Households say how their clocks are read and how they are reminded; devices where they are reminded, and of what they were. */
export async function up(knex: Knex): Promise<void> {
  const { times, reminders } = DEFAULT_SETTINGS;
  await eachHousehold(knex, (settings) => ({ times, reminders, ...settings }));
  await makeTables(knex, {
    // With the session it goes: who is signed out is told of nothing.
    push_subscriptions: (table) => {
      table.string('token_hash', 64).primary().references('sessions.token_hash').onDelete('CASCADE');
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.text('endpoint').notNullable();
      table.string('p256dh', 120).notNullable();
      table.string('auth', 40).notNullable();
    },
    // Each is told once, by whichever server of the database comes first.
    reminded: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.string('key_hash', 64).notNullable();
      table.bigInteger('at').notNullable();
      table.primary(['household_id', 'key_hash']);
    },
    // By which all servers of the database are known to push services: one row.
    push_writer: (table) => {
      table.tinyint('id').primary();
      table.string('public_key', 120).notNullable();
      table.string('private_key', 60).notNullable();
    },
  });
}

export async function down(knex: Knex): Promise<void> {
  await dropTables(knex, ['push_writer', 'reminded', 'push_subscriptions']);
  await eachHousehold(knex, ({ times: _times, reminders: _reminders, ...settings }) => settings);
}
