import { setTimeout as pause } from 'node:timers/promises';

/** Two that wait for each other, or changed the same over two nodes: the database ends one, which may simply be tried again. */
const DEADLOCKED = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);
/** For how long it is tried again: whoever asked asks again as well. */
const PATIENCE_MS = 15_000;
/** Who met another waits a while nobody chose before the next try, each time longer: two in step would meet again. */
const LONGEST_WAIT_MS = 15;

/** Does what the database undoes as a whole where it met another, and then tries it again. */
export async function untilAlone<Result>(work: () => Promise<Result>): Promise<Result> {
  const until = Date.now() + PATIENCE_MS;
  for (let tried = 1; ; tried++) {
    try {
      return await work();
    } catch (error) {
      if (Date.now() > until || !isDeadlock(error)) throw error;
      await pause(Math.random() * LONGEST_WAIT_MS * tried);
    }
  }
}

const isDeadlock = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && DEADLOCKED.has(String(error.code));
