import type { Knex } from 'knex';
import type { Place } from './places';

const placesOfPool = new WeakMap<object, readonly Place[]>();

/** Remembers where the database of a pool is to be had. */
export const listenTo = (db: Knex, places: readonly Place[]): void => void placesOfPool.set(db, places);

/** The database has answered nobody for too long. */
export class DatabaseSilent extends Error {
  readonly code = 'ETIMEDOUT';
}

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
  let endLooking: readonly (() => void)[] = [];
  const silent = new Promise<never>((_, reject) => {
    endLooking = placesOfPool
      .get(db)!
      .map((place) => place.whenSilent(ms, () => reject(new DatabaseSilent('The database is silent.'))));
  });
  try {
    return await Promise.race([work(), silent]);
  } finally {
    for (const end of endLooking) end();
  }
}
