import type { Knex } from 'knex';

/** The database has answered nobody for too long. */
export class DatabaseSilent extends Error {
  readonly code = 'ETIMEDOUT';
}

const lastAnswers = new WeakMap<object, { at: number }>();

/** Notes when the database answers, whatever it says. */
export function noteAnswers(db: Knex): void {
  const last = { at: Date.now() };
  const note = () => void (last.at = Date.now());
  lastAnswers.set(db, last);
  db.on('query-response', note).on('query-error', note);
}

const LOOK_EVERY_MS = 100;

/**
 * Does something that waits for the database, but not for one that answers nobody: it is frozen or out of reach, and may do what it
 * was asked when it comes back. A busy one answers somebody.
 *
 * @param db the pool, not a transaction of it
 * @param ms how long it may be silent while this waits
 * @throws DatabaseSilent
 */
export async function unlessSilent<Result>(
  db: Knex,
  ms: number,
  work: () => Promise<Result>,
): Promise<Result> {
  const began = Date.now();
  const last = lastAnswers.get(db)!;
  let look: NodeJS.Timeout | undefined;
  const silent = new Promise<never>((_, reject) => {
    look = setInterval(() => {
      if (Date.now() - Math.max(began, last.at) >= ms) reject(new DatabaseSilent('The database is silent.'));
    }, LOOK_EVERY_MS);
  });
  try {
    return await Promise.race([work(), silent]);
  } finally {
    clearInterval(look);
  }
}
