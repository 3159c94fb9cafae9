import type { Knex } from 'knex';
import { addColumn, dropTables, makeTables } from './steps';

/**
 * Devices with their channels, and what these read. A channel is known by a small number and a reading by its channel and moment, so
 * that a year of them is small.
 */
export async function up(knex: Knex): Promise<void> {
  await makeTables(knex, {
    devices: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').notNullable();
      table.string('name', 60).notNullable();
      table.string('key_hash', 64).nullable().unique();
      table.bigInteger('made_at').notNullable();
      // How its files are read, as it was said the last time.
      table.json('columns').nullable();
      table.primary(['household_id', 'id']);
    },

    device_channels: (table) => {
      table.increments('id');
      table.uuid('household_id').notNullable();
      table.uuid('device_id').notNullable();
      table.string('name', 20).notNullable().collate('utf8mb4_bin');
      table.json('measured').nullable();
      // From when on it measures that.
      table.bigInteger('since').notNullable().defaultTo(0);
      table.bigInteger('last_at').nullable();
      table.float('last_c').nullable();
      table.float('battery').nullable();
      // In a food: it moved as no food can.
      table.boolean('leapt').notNullable().defaultTo(false);
      // Up to where its readings were thinned, and how many came since.
      table.bigInteger('thinned_until').notNullable().defaultTo(0);
      table.integer('unthinned').notNullable().defaultTo(0);
      // Up to where the air it read was judged, and by which limit, °C.
      table.bigInteger('judged_until').notNullable().defaultTo(0);
      table.double('judged_limit').nullable();
      table.unique(['household_id', 'device_id', 'name']);
      table
        .foreign(['household_id', 'device_id'])
        .references(['household_id', 'id'])
        .inTable('devices')
        .onDelete('CASCADE');
    },

    device_readings: (table) => {
      table
        .integer('channel_id')
        .unsigned()
        .notNullable()
        .references('device_channels.id')
        .onDelete('CASCADE');
      table.bigInteger('at').notNullable();
      // Hundredths of a degree Celsius.
      table.integer('centi_c').notNullable();
      table.primary(['channel_id', 'at']);
    },
  });
  await addColumn(knex, 'store_readings', 'channel_id', (table) => {
    table.integer('channel_id').unsigned().nullable().references('device_channels.id').onDelete('SET NULL');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('store_readings', (table) => {
    table.dropForeign('channel_id');
    table.dropColumn('channel_id');
  });
  await dropTables(knex, ['device_readings', 'device_channels', 'devices']);
}
