import type { Knex } from 'knex';
import { addColumn, addIndex } from './steps';

interface Stored {
  household_id: string;
  id: string;
  seq: number;
}

/** Events are numbered in the order in which their household took them in, without gaps, as devices will follow them. */
export async function up(knex: Knex): Promise<void> {
  await addColumn(knex, 'households', 'last_seq', (table) => {
    table.bigInteger('last_seq').notNullable().defaultTo(0);
  });
  const households = await knex('households').pluck('id');
  for (const household of households as string[]) {
    const events = await knex<Stored>('events')
      .where({ household_id: household })
      .orderBy(['recorded_at', 'at', 'id'])
      .select('id');
    for (const [index, { id }] of events.entries())
      await knex<Stored>('events')
        .where({ household_id: household, id })
        .update({ seq: index + 1 });
    await knex('households').where({ id: household }).update({ last_seq: events.length });
  }
  await addIndex(knex, 'events', 'events_household_id_seq_unique', (table) => {
    table.unique(['household_id', 'seq'], { indexName: 'events_household_id_seq_unique' });
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('events', (table) => {
    table.dropUnique(['household_id', 'seq']);
  });
  await knex.schema.alterTable('households', (table) => {
    table.dropColumn('last_seq');
  });
}
