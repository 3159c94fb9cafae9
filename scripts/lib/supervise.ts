import { setTimeout as pause } from 'node:timers/promises';
import { aborted } from './interruption';
import { Sentence } from './sentence';

/** Something that runs until it is stopped, or ends by itself. */
interface Running {
  readonly ended: Promise<unknown>;
  stop(): Promise<void>;
}

type Part = 'database' | 'server';

/** How often a part may fall within so long: more often, and starting it again is no help. */
const MOST_FALLS = 5;
const WITHIN_MS = 60_000;
const BEFORE_NEXT_MS = 500;

/**
 * Keeps a database and the server that uses it running until it is time to stop: what falls is started again, and said to be. Both
 * may fall at once, and a server cannot start before its database has.
 *
 * @param startServer with the address of the database
 * @param mostFalls how often a part may fall within a minute
 * @throws Sentence when a part does not start at first, or falls again and again; all is stopped by then
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
  readonly mostFalls?: number;
}): Promise<void> {
  const fell = fallsOf(mostFalls);
  const toldToStop = aborted(stopping).then(() => null);
  let database: Database | null = null;
  let server: Running | null = null;
  let servedFrom = '';
  let stoodOnce = false;
  try {
    while (!stopping.aborted) {
      try {
        database ??= await startDatabase();
        if (stopping.aborted) return;
        // It is to be found elsewhere now, which a server learns only by starting.
        if (server && servedFrom !== database.url) {
          await server.stop();
          server = null;
        }
        server ??= await startServer(database.url);
        servedFrom = database.url;
        stoodOnce = true;
      } catch (error) {
        if (!stoodOnce || !(error instanceof Sentence)) throw error;
        fell(database ? 'server' : 'database');
        await pause(BEFORE_NEXT_MS);
      }
      const fallen: Part | null = await Promise.race([
        ...(database ? [database.ended.then(() => 'database' as const)] : []),
        ...(server ? [server.ended.then(() => 'server' as const)] : []),
        toldToStop,
        // What did not start is tried again, whatever becomes of the other.
        ...(database && server ? [] : [pause(0, null)]),
      ]);
      if (!fallen) continue;
      say(`The ${fallen} ended. It is started again.`);
      fell(fallen);
      if (fallen === 'database') database = null;
      else server = null;
    }
  } finally {
    await server?.stop();
    await database?.stop();
  }
}

/** Notes that a part fell, and throws a sentence when that was too often. */
function fallsOf(mostFalls: number): (part: Part) => void {
  const falls: Record<Part, number[]> = { database: [], server: [] };
  return (part) => {
    const lately = [...falls[part], Date.now()].filter((at) => at > Date.now() - WITHIN_MS);
    falls[part] = lately;
    if (lately.length > mostFalls)
      throw new Sentence(`The ${part} fell ${lately.length} times within a minute. Omtel stops.`);
  };
}
