import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { startDatabase } from '../database';
import { freePort } from '../ports';
import { startServer, type RunningServer } from '../serverProcess';
import { supervise } from '../supervise';

type Part = 'server' | 'database';

/** A whole Omtel of its own that is kept running whatever is done to it. */
export interface Arena {
  readonly address: string;
  readonly databaseUrl: string;
  /** Kills parts at once, without a word, and waits until all is ready again. */
  kill(parts: readonly Part[]): Promise<void>;
  /** Settles when requests are served; throws when that takes too long. */
  ready(): Promise<void>;
  stop(): Promise<void>;
}

const READY_WITHIN_MS = 60_000;

/** Opens one in a folder, with a database that waits for the disk, as in earnest. */
export async function openArena(folder: string): Promise<Arena> {
  const home = join(folder, 'database');
  const port = await freePort();
  const stopping = new AbortController();
  let server: RunningServer | null = null;
  let databaseUrl = '';
  const running = supervise({
    stopping: stopping.signal,
    // It is killed on purpose, and often.
    mostFalls: Infinity,
    say: () => undefined,
    parts: [
      {
        name: 'database',
        start: async () => {
          const database = await startDatabase(home, 'torture-only-password');
          databaseUrl = database.url;
          return database;
        },
      },
      {
        name: 'server',
        needs: 'database',
        start: async (url) => {
          server = await startServer({
            OMTEL_DATABASE_URL: url,
            OMTEL_PORT: String(port),
            OMTEL_SECRET: 'torture-only-secret'.repeat(3),
            OMTEL_ZONE: 'UTC',
          });
          return server;
        },
      },
    ],
  });
  const address = `http://127.0.0.1:${port}`;
  const ready = async () => {
    const until = Date.now() + READY_WITHIN_MS;
    while (!(await fetch(`${address}/api/health`).then(({ ok }) => ok, unreachable))) {
      if (Date.now() > until) throw new Error('it did not get ready again');
      await pause(50);
    }
  };
  await Promise.race([ready(), running]);
  return {
    address,
    get databaseUrl() {
      return databaseUrl;
    },
    ready,
    kill: async (parts) => {
      const pidOf = {
        server: () => server!.pid,
        database: () => (JSON.parse(readFileSync(join(home, 'run.json'), 'utf8')) as { pid: number }).pid,
      };
      for (const part of parts) process.kill(pidOf[part](), 'SIGKILL');
      await pause(20);
      await ready();
    },
    stop: async () => {
      stopping.abort();
      await running;
    },
  };
}

const unreachable = () => false;
