import { untilAlone } from './again';
import type { Database } from './connect';

/**
 * Does what belongs together in one transaction, and tries again where it only met another. Within a transaction it is part of
 * that one.
 */
export async function inTransaction<Result>(
  db: Database,
  work: (trx: Database) => Promise<Result>,
): Promise<Result> {
  return db.isTransaction ? work(db) : untilAlone(() => db.transaction(work));
}
