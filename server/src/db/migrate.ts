import knex, { type Knex } from 'knex';
import { migrationSource } from './migrations';
import { UNSAID } from './unsaid';

/** How long another server may take to bring the schema up to date. */
const WAIT_S = 120;

/**
 * Brings the schema up to date; harmless when it is. One server at a time does, by a lock that ends with its connection. A
 * migration that was cut off is simply done again: each of its steps looks first whether it was taken.
 */
export async function migrate(databaseUrl: string): Promise<void> {
  const db = knex({
    client: 'mysql2',
    connection: databaseUrl,
    pool: { min: 0, max: 2 },
    log: UNSAID,
    // The database ends a transaction at every change of a table anyway.
    migrations: { migrationSource, tableName: 'migrations', disableTransactions: true },
  });
  try {
    await alone(db, async () => {
      // Whoever held it is gone, or this lock could not have been had.
      await db.migrate.forceFreeMigrationsLock();
      await db.migrate.latest();
    });
  } finally {
    await db.destroy();
  }
}

async function alone(db: Knex, work: () => Promise<void>): Promise<void> {
  await db.transaction(async (trx) => {
    const [[{ held }]] = (await trx.raw("SELECT GET_LOCK(CONCAT(DATABASE(), '.migrations'), ?) AS held", [
      WAIT_S,
    ])) as [[{ held: number }]];
    if (held !== 1) throw new Error('another server is still changing the database');
    await work();
  });
}
