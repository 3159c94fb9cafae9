import type { Knex } from 'knex';
import { addColumn, addIndex, dropTables, makeTables } from './steps';

/** People with a household of their own: who they are, what opens the door to them, and who of them is signed in where. */
export async function up(knex: Knex): Promise<void> {
  await addColumn(knex, 'households', 'name_key', (table) => {
    // The demo has none: nobody signs in to it by name.
    table.string('name_key', 120).collate(LETTER_BY_LETTER).nullable();
  });
  await addIndex(knex, 'households', 'households_name_key_unique', (table) => {
    table.unique(['name_key'], { indexName: 'households_name_key_unique' });
  });
  // Whoever was cut off below left sessions that refer to people, who could not be made anew then.
  await forgetWho(knex);
  await makeTables(knex, {
    people: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('id').primary();
      table.string('name', 120).notNullable();
      table.string('name_key', 120).collate(LETTER_BY_LETTER).notNullable();
      table.string('passphrase_hash', 200).notNullable();
      table.bigInteger('since').notNullable();
      table.unique(['household_id', 'name_key']);
    },
    recovery_codes: (table) => {
      table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
      table.uuid('person_id').notNullable().references('people.id').onDelete('CASCADE');
      table.string('code_hash', 64).notNullable();
      table.primary(['person_id', 'code_hash']);
    },
    // Kept for all servers of one database, and whether or not there is anybody of that name.
    failed_tries: (table) => {
      table.string('key_hash', 64).primary();
      table.integer('failures').notNullable();
      table.bigInteger('last_at').notNullable().index();
    },
  });
  // In one statement: a column that is there has what it refers to. What was signed in before stays so, without a name.
  await knex.raw(
    `ALTER TABLE sessions ADD COLUMN person_id CHAR(36) NULL, ADD COLUMN id CHAR(36) NULL UNIQUE,
     ADD COLUMN device VARCHAR(80) NULL, ADD COLUMN since BIGINT NULL, ADD COLUMN seen_at BIGINT NULL,
     ADD CONSTRAINT ${WHO} FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE`,
  );
}

/** Names are told apart here as they are counted at the door: to the usual collation “Márá” is “mara”, and any two emoji are one. */
const LETTER_BY_LETTER = 'utf8mb4_bin';

const WHO = 'sessions_person_id_foreign';

async function forgetWho(knex: Knex): Promise<void> {
  await knex.raw(
    `ALTER TABLE sessions DROP FOREIGN KEY IF EXISTS ${WHO}, DROP INDEX IF EXISTS ${WHO},
     ${['person_id', 'id', 'device', 'since', 'seen_at'].map((column) => `DROP COLUMN IF EXISTS ${column}`).join(', ')}`,
  );
}

export async function down(knex: Knex): Promise<void> {
  await forgetWho(knex);
  await dropTables(knex, ['failed_tries', 'recovery_codes', 'people']);
  await knex.schema.alterTable('households', (table) => {
    table.dropUnique(['name_key'], 'households_name_key_unique');
    table.dropColumn('name_key');
  });
}
