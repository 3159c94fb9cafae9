import type { Knex } from 'knex';
import MySql2Client from 'knex/lib/dialects/mysql2';

/** What is asked of a database and not answered yet, and when it was last asked or answered anything. */
export interface Talk {
  open: number;
  lastAt: number;
}

const talks = new WeakMap<object, Talk>();

/** A dialect whose connections note when the database is asked and when it answers, whatever it says, and that talk. */
export function noted(): { readonly client: typeof MySql2Client; readonly talk: Talk } {
  const talk: Talk = { open: 0, lastAt: Date.now() };
  const note = (more: 1 | -1) => {
    talk.open += more;
    talk.lastAt = Date.now();
  };
  class Noted extends MySql2Client {
    protected override async _query(connection: unknown, asked: unknown): Promise<unknown> {
      note(1);
      try {
        return await super._query(connection, asked);
      } finally {
        note(-1);
      }
    }
  }
  return { client: Noted, talk };
}

/** Remembers the talk of a pool. */
export const listenTo = (db: Knex, talk: Talk): void => void talks.set(db, talk);

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
  const talk = talks.get(db)!;
  let look: NodeJS.Timeout | undefined;
  const silent = new Promise<never>((_, reject) => {
    look = setInterval(() => {
      // Who asks nothing may be working something out.
      const waited = talk.open > 0 && Date.now() - Math.max(began, talk.lastAt) >= ms;
      if (waited) reject(new DatabaseSilent('The database is silent.'));
    }, LOOK_EVERY_MS);
  });
  try {
    return await Promise.race([work(), silent]);
  } finally {
    clearInterval(look);
  }
}
