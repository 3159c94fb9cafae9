import type { Knex } from 'knex';

/** When a household had no power, and how its stores stood then. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('power_cuts', (table) => {
    table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
    table.uuid('id').notNullable();
    table.bigInteger('off_at').notNullable();
    table.bigInteger('on_at').nullable();
    table.string('freezer', 10).notNullable();
    table.json('opened').notNullable();
    table.primary(['household_id', 'id']);
    table.index(['household_id', 'off_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('power_cuts');
}
