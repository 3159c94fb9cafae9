import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Hono } from 'hono';
import { startDatabase } from '../scripts/lib/database';
import { systemClock } from '../server/src/clock';
import { connect, type Database } from '../server/src/db/connect';
import { migrate } from '../server/src/db/migrate';
import { ensureDemoHousehold } from '../server/src/demo/demoHousehold';
import { createApp } from '../server/src/http/app';
import type { HouseholdRow } from '../server/src/repositories/households';
import { liveFrom } from '../server/src/services/live';
import { NOTHING_STALE } from '../server/src/services/refolding';

/** A server with a database of its own that waits for the disk, and the demo household signed in to it. */
export interface Bench {
  readonly db: Database;
  readonly household: HouseholdRow;
  /** The household's moment as it began. */
  readonly now: number;
  /** Asks it, and throws what it refuses. */
  readonly ask: (
    method: string,
    path: string,
    body?: string,
    headers?: Record<string, string>,
  ) => Promise<unknown>;
}

/** Does something on a server without a port, and clears it away. */
export async function onServer<Result>(
  name: string,
  work: (bench: Bench) => Promise<Result>,
): Promise<Result> {
  const folder = mkdtempSync(join(tmpdir(), `omtel-${name}-`));
  const database = await startDatabase(folder, 'bench-only-password');
  await migrate(database.url);
  const db = connect(database.url);
  try {
    const household = await ensureDemoHousehold(db, systemClock, 'UTC');
    const app = createApp({
      db,
      wall: systemClock,
      secret: 'bench-only-secret'.repeat(3),
      zone: 'UTC',
      webRoot: null,
      hosts: ['localhost'],
      refolding: NOTHING_STALE,
      live: liveFrom(db),
      pushing: { db, post: fetch, pushServices: () => [] },
      pushService: new Hono(),
      log: () => undefined,
    });
    const signedIn = await app.request('/api/session/demo', { method: 'POST' });
    const cookie = signedIn.headers.get('set-cookie')!.split(';')[0]!;
    const ask: Bench['ask'] = async (
      method,
      path,
      body,
      headers = { 'content-type': 'application/json' },
    ) => {
      const answer = await app.request(path, { method, headers: { cookie, ...headers }, body });
      if (!answer.ok) throw new Error(await answer.text());
      return answer.json();
    };
    return await work({ db, household, now: systemClock.now() + household.clockStartMs, ask });
  } finally {
    await db.destroy();
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

export async function timed(work: () => Promise<unknown>): Promise<number> {
  const began = performance.now();
  await work();
  return performance.now() - began;
}
