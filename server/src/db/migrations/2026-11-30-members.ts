import type { Knex } from 'knex';
import { addColumn, dropTables, makeTables } from './steps';

/** Several people of a household: what each may do, who was invited, who entered what, and a household that is to be deleted. */
export async function up(knex: Knex): Promise<void> {
  await addColumn(knex, 'people', 'role', (table) => {
    // Whoever is there founded their household.
    table.string('role', 10).notNullable().defaultTo('cook');
  });
  await addColumn(knex, 'people', 'left_at', (table) => {
    table.bigInteger('left_at').nullable();
  });
  // Who has left keeps their name in the log, and leaves it free for another.
  await knex.raw(
    'ALTER TABLE people MODIFY name_key VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL',
  );
  await addColumn(knex, 'events', 'person_id', (table) => {
    table.uuid('person_id').nullable();
  });
  await addColumn(knex, 'households', 'closes_at', (table) => {
    table.bigInteger('closes_at').nullable().index();
  });
  await makeTables(knex, {
    invitations: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').primary();
      table.string('key_hash', 64).notNullable().unique();
      table.string('role', 10).notNullable();
      table.uuid('invited_by').notNullable().references('people.id').onDelete('CASCADE');
      table.bigInteger('until').notNullable();
    },
  });
}

export async function down(knex: Knex): Promise<void> {
  await dropTables(knex, ['invitations']);
  await knex.schema.alterTable('households', (table) => table.dropColumn('closes_at'));
  await knex.schema.alterTable('events', (table) => table.dropColumn('person_id'));
  await knex('people').whereNotNull('left_at').delete();
  await knex.raw(
    'ALTER TABLE people MODIFY name_key VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL',
  );
  await knex.schema.alterTable('people', (table) => table.dropColumns('role', 'left_at'));
}
