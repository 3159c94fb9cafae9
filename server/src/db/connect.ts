import knex, { type Knex } from 'knex';
import { migrationSource } from './migrations';

export type Database = Knex;

/** A pool of connections to the database; nothing is asked of it yet. */
export function connect(databaseUrl: string): Database {
  return knex({
    client: 'mysql2',
    connection: databaseUrl,
    pool: { min: 0, max: 8 },
    acquireConnectionTimeout: 10_000,
    migrations: { migrationSource, tableName: 'migrations' },
  });
}

/** Brings the schema up to date; harmless when it is. */
export async function migrate(db: Database): Promise<void> {
  await db.migrate.latest();
}
