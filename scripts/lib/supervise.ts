import { setTimeout as pause } from 'node:timers/promises';
import { aborted } from './interruption';
import { Sentence } from './sentence';

/** Something that runs until it is stopped, or ends by itself. */
interface Running {
  readonly ended: Promise<unknown>;
  stop(): Promise<void>;
}

/** How often a part may fall within so long: more often, and starting it again is no help. */
const MOST_FALLS = 5;
const WITHIN_MS = 60_000;
const BEFORE_NEXT_MS = 500;

/**
 * Keeps a database and the server that uses it running until it is time to stop: what falls is started again, and said to be.
 *
 * @param startServer with the address of the database
 * @throws Sentence when a part does not start, or falls again and again; all is stopped by then
 */
export async function supervise<Database extends Running & { readonly url: string }>({
  startDatabase,
  startServer,
  stopping,
  say,
  mostFalls = MOST_FALLS,
}: {
  startDatabase(): Promise<Database>;
  startServer(databaseUrl: string): Promise<Running>;
  readonly stopping: AbortSignal;
  say(sentence: string): void;
  /** How often a part may fall within a minute. */
  readonly mostFalls?: number;
}): Promise<void> {
  const falls = new Map<string, number[]>();
  /** Notes that a part fell. */
  const fell = (part: string): void => {
    const lately = [...(falls.get(part) ?? []), Date.now()].filter((at) => at > Date.now() - WITHIN_MS);
    falls.set(part, lately);
    if (lately.length > mostFalls)
      throw new Sentence(`The ${part} fell ${lately.length} times within a minute. Omtel stops.`);
  };
  const again = async <Part>(part: string, start: () => Promise<Part>): Promise<Part | null> => {
    say(`The ${part} ended. It is started again.`);
    fell(part);
    for (;;) {
      if (stopping.aborted) return null;
      try {
        return await start();
      } catch (error) {
        if (!(error instanceof Sentence)) throw error;
        fell(part);
        await pause(BEFORE_NEXT_MS);
      }
    }
  };

  const toldToStop = aborted(stopping).then(() => null);
  let database = await startDatabase();
  let server: Running | null = null;
  try {
    if (stopping.aborted) return;
    server = await startServer(database.url);
    while (!stopping.aborted) {
      const part = await Promise.race([
        database.ended.then(() => 'database' as const),
        server.ended.then(() => 'server' as const),
        toldToStop,
      ]);
      if (part === null || stopping.aborted) return;
      if (part === 'database') {
        const next = await again(part, startDatabase);
        if (!next) return;
        const moved = next.url !== database.url;
        database = next;
        if (!moved) continue;
        // It is to be found elsewhere now, which the server learns only by starting.
        await server.stop();
      }
      const started = await again('server', () => startServer(database.url));
      if (!started) return;
      server = started;
    }
  } finally {
    await server?.stop();
    await database.stop();
  }
}
