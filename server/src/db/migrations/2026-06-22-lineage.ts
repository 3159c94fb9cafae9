import type { Knex } from 'knex';

/** Which food came from which, and what the air of the stores read. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('lineage', (table) => {
    table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
    table.uuid('parent_id').notNullable();
    table.uuid('child_id').notNullable();
    table.primary(['household_id', 'child_id', 'parent_id']);
    table.index(['household_id', 'parent_id']);
  });
  await knex.schema.createTable('store_readings', (table) => {
    table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
    table.uuid('id').notNullable();
    table.string('store', 20).notNullable();
    table.bigInteger('at').notNullable();
    table.json('temperature').notNullable();
    table.primary(['household_id', 'id']);
    table.index(['household_id', 'store', 'at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('store_readings');
  await knex.schema.dropTable('lineage');
}
