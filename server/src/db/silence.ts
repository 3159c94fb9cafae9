import type { Knex } from 'knex';
import type { Place } from './places';

const placesOfPool = new WeakMap<object, readonly Place[]>();

/** Remembers where the database of a pool is to be had. */
export const listenTo = (db: Knex, places: readonly Place[]): void => void placesOfPool.set(db, places);

const LOOK_EVERY_MS = 100;

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
  const began = Date.now();
  const places = placesOfPool.get(db)!;
  let look: NodeJS.Timeout | undefined;
  const silent = new Promise<never>((_, reject) => {
    look = setInterval(() => {
      if (places.some((place) => place.silentSince(began) >= ms))
        reject(new DatabaseSilent('The database is silent.'));
    }, LOOK_EVERY_MS);
  });
  try {
    return await Promise.race([work(), silent]);
  } finally {
    clearInterval(look);
  }
}
