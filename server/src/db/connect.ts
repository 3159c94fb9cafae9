import knex, { type Knex } from 'knex';
import { listenTo, noted } from './silence';
import { UNSAID } from './unsaid';

export type Database = Knex;

/** How long a new connection, one of the pool, a lock and a statement are waited for. */
const LIMITS = { connectMs: 3_000, acquireMs: 4_000, lockS: 4, statementS: 8 } as const;

interface Connection {
  query(sql: string, done: (error: Error | null) => void): void;
}

/** A pool of connections to the database, none of which waits for ever; nothing is asked of it yet. */
export function connect(databaseUrl: string): Database {
  const { client, talk } = noted();
  const db = knex({
    client,
    connection: { uri: databaseUrl, connectTimeout: LIMITS.connectMs } as Knex.MySql2ConnectionConfig,
    pool: {
      min: 0,
      max: 8,
      afterCreate: (connection: Connection, done: (error: Error | null) => void) =>
        connection.query(
          `SET SESSION innodb_lock_wait_timeout = ${LIMITS.lockS}, max_statement_time = ${LIMITS.statementS}`,
          done,
        ),
    },
    acquireConnectionTimeout: LIMITS.acquireMs,
    log: UNSAID,
  });
  listenTo(db, talk);
  return db;
}
