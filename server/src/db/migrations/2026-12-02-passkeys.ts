import type { Knex } from 'knex';
import { dropTables, makeTables } from './steps';

/** Keys that devices hold for people, which open the door to them as a passphrase does; and what a device was asked to sign. */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    passkeys: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('person_id').notNullable().references('people.id').onDelete('CASCADE');
      table.uuid('id').primary();
      // By its hash: what a device calls a key may be longer than an index takes.
      table.string('credential_hash', 64).notNullable().unique();
      table.text('credential_id').notNullable();
      table.binary('public_key').notNullable();
      table.bigInteger('counter').notNullable();
      table.string('device', 80).notNullable();
      table.bigInteger('since').notNullable();
      table.bigInteger('used_at').nullable();
    },
    // Each is signed once, by whichever server of the database hears of it first.
    challenges: (table) => {
      table.string('challenge_hash', 64).primary();
      table.uuid('person_id').nullable().references('people.id').onDelete('CASCADE');
      table.bigInteger('until').notNullable().index();
    },
  });
}

export const down = (knex: Knex): Promise<void> => dropTables(knex, ['challenges', 'passkeys']);
