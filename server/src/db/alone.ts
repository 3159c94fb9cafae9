import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { setTimeout as pause } from 'node:timers/promises';

/** For how long the turn is had unless it is had again, how often it is, and how often others look. */
const TURN_S = 10;
const AGAIN_MS = 3_000;
const LOOK_EVERY_MS = 200;

const TURNS = 'migrating';

/**
 * Does something that one server at a time may do, on whichever node of a cluster each of them is: locks of a session are known
 * to one node only, rows to all. The turn of a server that was killed runs out.
 *
 * @param waitS how long another may take
 * @throws when another has the turn for longer, or this one lost it on the way
 */
export async function alone(db: Knex, waitS: number, work: () => Promise<void>): Promise<void> {
  await db.raw(
    `CREATE TABLE IF NOT EXISTS ${TURNS} (id TINYINT PRIMARY KEY, holder CHAR(36) NOT NULL, until DATETIME(3) NOT NULL)`,
  );
  const me = randomUUID();
  const until = Date.now() + waitS * 1000;
  while (!(await taken(db, me))) {
    if (Date.now() > until) throw new Error('another server is still changing the database');
    await pause(LOOK_EVERY_MS);
  }
  const lost = new AbortController();
  const keeping = setInterval(() => {
    taken(db, me).then(
      (mine) => mine || lost.abort(),
      () => lost.abort(),
    );
  }, AGAIN_MS);
  try {
    await work();
    lost.signal.throwIfAborted();
  } finally {
    clearInterval(keeping);
    await db(TURNS).where({ holder: me }).delete();
  }
}

/** Takes the turn, or keeps it; whether it is had then. */
async function taken(db: Knex, me: string): Promise<boolean> {
  await db.raw(
    `INSERT INTO ${TURNS} VALUES (1, :me, NOW(3) + INTERVAL ${TURN_S} SECOND)
     ON DUPLICATE KEY UPDATE
       holder = IF(holder = :me OR until < NOW(3), :me, holder),
       until = IF(holder = :me, VALUES(until), until)`,
    { me },
  );
  return (await db(TURNS).where({ id: 1, holder: me }).first()) !== undefined;
}
