import type { Knex } from 'knex';

/*
 * Steps of a migration that may be taken again: a server that was killed on its way has taken some of them, or half of one, and
 * the next one begins from the first.
 */

/**
 * Makes tables, each anew where a migration that was cut off left one: nothing was ever written to it.
 *
 * @param tables by name, in order; later ones may refer to earlier ones
 * @throws when one of them holds something
 */
export async function makeTables(
  knex: Knex,
  tables: Readonly<Record<string, (table: Knex.CreateTableBuilder) => void>>,
): Promise<void> {
  const names = Object.keys(tables);
  for (const name of [...names].reverse()) {
    if (!(await knex.schema.hasTable(name))) continue;
    if (await knex(name).first()) throw new Error(`the table ${name} is there already, with something in it`);
    await knex.schema.dropTable(name);
  }
  for (const name of names) await knex.schema.createTable(name, tables[name]!);
}

export async function dropTables(knex: Knex, names: readonly string[]): Promise<void> {
  for (const name of names) await knex.schema.dropTableIfExists(name);
}

/** Adds a column that is not there yet. */
export async function addColumn(
  knex: Knex,
  table: string,
  column: string,
  define: (table: Knex.AlterTableBuilder) => void,
): Promise<void> {
  if (!(await knex.schema.hasColumn(table, column))) await knex.schema.alterTable(table, define);
}

/** Adds an index that is not there yet, by its name. */
export async function addIndex(
  knex: Knex,
  table: string,
  name: string,
  define: (table: Knex.AlterTableBuilder) => void,
): Promise<void> {
  const [found] = (await knex.raw('SHOW INDEX FROM ?? WHERE Key_name = ?', [table, name])) as [unknown[]];
  if (found.length === 0) await knex.schema.alterTable(table, define);
}
