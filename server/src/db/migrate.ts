import { alone } from './alone';
import { connect, type Limits } from './connect';
import { migrationSource } from './migrations';

/** How long another server may take to bring the schema up to date. */
const WAIT_S = 120;

/** A table of ten years is changed for minutes. */
const PATIENT: Limits = { connectMs: 3_000, acquireMs: 10_000, lockS: 60, statementS: 0, silentMs: 600_000 };

/**
 * Brings the schema up to date; harmless when it is. One server at a time does. A migration that was cut off is simply done again:
 * each of its steps looks first whether it was taken.
 */
export async function migrate(databaseUrl: string): Promise<void> {
  const db = connect(databaseUrl, PATIENT);
  // The database ends a transaction at every change of a table anyway.
  const config = { migrationSource, tableName: 'migrations', disableTransactions: true };
  try {
    await alone(db, WAIT_S, async () => {
      // Whoever held it is gone, or this turn could not have been had.
      await db.migrate.forceFreeMigrationsLock(config);
      await db.migrate.latest(config);
    });
  } finally {
    await db.destroy();
  }
}
