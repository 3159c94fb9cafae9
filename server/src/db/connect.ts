import knex, { type Knex } from 'knex';
import { dialectFor } from './manyPlaces';
import { placesOf } from './places';
import { listenTo } from './silence';
import { UNSAID } from './unsaid';

export type Database = Knex;

/** How long a new connection, one of the pool, a lock, a statement and an answer of any kind are waited for. */
export interface Limits {
  readonly connectMs: number;
  readonly acquireMs: number;
  readonly lockS: number;
  readonly statementS: number;
  readonly silentMs: number;
}

/** For requests: whoever asks would rather ask again. */
const HURRIED: Limits = { connectMs: 3_000, acquireMs: 4_000, lockS: 4, statementS: 8, silentMs: 4_000 };

/**
 * A pool of connections to the database, none of which waits for ever; nothing is asked of it yet.
 *
 * @param databaseUrl where it is; several places, comma by comma, for the nodes of one cluster
 */
export function connect(databaseUrl: string, limits: Limits = HURRIED): Database {
  const { connectMs, acquireMs, lockS, statementS, silentMs } = limits;
  const places = placesOf(databaseUrl);
  const greeting = [
    // What was acknowledged over one node is seen over every other.
    `SET SESSION innodb_lock_wait_timeout = ${lockS}, max_statement_time = ${statementS}, wsrep_sync_wait = 1`,
    // A node that serves nobody says so only now.
    'DO 0',
  ];
  const db = knex({
    client: dialectFor(places, { connectMs, greeting, silentMs }),
    connection: {},
    pool: { min: 0, max: 8 },
    acquireConnectionTimeout: acquireMs,
    log: UNSAID,
  });
  listenTo(db, places);
  return db;
}
