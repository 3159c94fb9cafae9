import type { Database } from './connect';

/** Two that wait for each other: the database ends one, which may simply be tried again. */
const DEADLOCKED = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);
const MOST_TRIES = 5;

/**
 * Does what belongs together in one transaction, and tries again where it only met another. Within a transaction it is part of
 * that one.
 */
export async function inTransaction<Result>(
  db: Database,
  work: (trx: Database) => Promise<Result>,
): Promise<Result> {
  if (db.isTransaction) return work(db);
  for (let tried = 1; ; tried++) {
    try {
      return await db.transaction(work);
    } catch (error) {
      if (tried === MOST_TRIES || !isDeadlock(error)) throw error;
    }
  }
}

const isDeadlock = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && DEADLOCKED.has(String(error.code));
