import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { startDatabase } from '../database';
import { freePort } from '../ports';
import { isAlive } from '../processes';
import { startServer } from '../serverProcess';
import { supervise } from '../supervise';

/** A whole Omtel of its own that is kept running whatever is done to it. */
export interface Arena {
  /** Where its servers are, any of which may be asked. */
  readonly addresses: readonly string[];
  /** Where what it holds can be read, all of it in each place. */
  readonly databaseUrls: readonly string[];
  /** The parts that may be killed together. */
  readonly targets: readonly (readonly string[])[];
  /** Kills parts at once, without a word, and waits until all is ready again. */
  kill(parts: readonly string[]): Promise<void>;
  signal(part: string, signal: NodeJS.Signals): void;
  stop(): Promise<void>;
}

const READY_WITHIN_MS = 60_000;
export const PASSWORD = 'torture-only-password';
export const SETTINGS = { OMTEL_SECRET: 'torture-only-secret'.repeat(3), OMTEL_ZONE: 'UTC' };

/** It is killed on purpose, and often. */
export const UNDISTURBED = { mostFalls: Infinity, say: () => undefined };

/** Opens one in a folder, of a database that waits for the disk, as in earnest, and a server. */
export async function openArena(folder: string): Promise<Arena> {
  const home = join(folder, 'database');
  const port = await freePort();
  const stopping = new AbortController();
  const databaseUrls: string[] = [];
  const pids = new Map<string, () => number>();
  const running = supervise({
    ...UNDISTURBED,
    stopping: stopping.signal,
    parts: [
      {
        name: 'database',
        start: async () => {
          const database = await startDatabase(home, PASSWORD);
          databaseUrls[0] = database.url;
          const { pid } = JSON.parse(readFileSync(join(home, 'run.json'), 'utf8')) as { pid: number };
          pids.set('database', () => pid);
          return database;
        },
      },
      {
        name: 'server',
        needs: 'database',
        start: async (url) => {
          const server = await startServer({
            ...SETTINGS,
            OMTEL_DATABASE_URL: url,
            OMTEL_PORT: String(port),
          });
          pids.set('server', () => server.pid);
          return server;
        },
      },
    ],
  });
  return stood({
    ports: [port],
    databaseUrls,
    targets: [['server'], ['database'], ['server', 'database']],
    names: ['database', 'server'],
    pids,
    running,
    stopping,
  });
}

/** Waits until all parts stand. */
export async function stood({
  ports,
  databaseUrls,
  targets,
  names,
  pids,
  running,
  stopping,
  whole = () => Promise.resolve(true),
}: {
  readonly ports: readonly number[];
  readonly databaseUrls: readonly string[];
  readonly targets: Arena['targets'];
  /** The names of all parts. */
  readonly names: readonly string[];
  readonly pids: ReadonlyMap<string, () => number>;
  readonly running: Promise<void>;
  readonly stopping: AbortController;
  /** Whether all that stands belongs together. */
  whole?(): Promise<boolean>;
}): Promise<Arena> {
  const addresses = ports.map((port) => `http://127.0.0.1:${port}`);
  const healthy = (address: string) => fetch(`${address}/api/health`).then(({ ok }) => ok, unreachable);
  const isReady = async () =>
    names.every((name) => isAlive(pids.get(name)?.() ?? 0)) &&
    (await Promise.all(addresses.map(healthy))).every(Boolean) &&
    (await whole());
  const ready = async () => {
    const until = Date.now() + READY_WITHIN_MS;
    while (!(await isReady())) {
      if (Date.now() > until) throw new Error('it did not get ready again');
      await pause(50);
    }
  };
  const signal = (part: string, name: NodeJS.Signals) => void process.kill(pids.get(part)!(), name);
  await Promise.race([ready(), running]);
  return {
    addresses,
    databaseUrls,
    targets,
    signal,
    kill: async (parts) => {
      for (const part of parts) signal(part, 'SIGKILL');
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
