import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Log } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { systemClock } from '../server/src/clock';
import { connect, type Database } from '../server/src/db/connect';
import { migrate } from '../server/src/db/migrate';
import { ensureDemoHousehold } from '../server/src/demo/demoHousehold';
import { recordEvents } from '../server/src/services/recordEvents';
import { startDatabase } from '../scripts/lib/database';
import { chances } from '@omtel/core/chance';
import { yearsOfUse } from '../scripts/lib/inventedUse';
import { freePort } from '../scripts/lib/ports';
import { startServer } from '../scripts/lib/serverProcess';
import { signIn } from '../scripts/lib/torture/device';

const YEARS = [1, 5, 10] as const;
const ASKED = 300;
const CLIENTS = 20;
const READINGS_A_DAY = 24;
const DAY_MS = 24 * 60 * 60 * 1000;

/** What is asked of, the lightest route first. */
const ROUTES = {
  household: '/api/household',
  'Now and Stores': '/api/foods',
  Log: '/api/events',
  'the Log, far back': '',
  'the record of the stores': '/api/stores/readings',
} as const;
type Route = keyof typeof ROUTES;

/** The time within which 95 of 100 are answered, ms, for one client or for many at once. */
async function p95(url: string, cookie: string, clients: number): Promise<number> {
  const took: number[] = [];
  const one = async () => {
    while (took.length < ASKED) {
      const began = performance.now();
      await (await fetch(url, { headers: { cookie } })).arrayBuffer();
      took.push(performance.now() - began);
    }
  };
  await Promise.all(Array.from({ length: clients }, one));
  return took.sort((a, b) => a - b)[Math.floor(took.length * 0.95)]!;
}

async function fill(db: Database, householdId: string, until: number, years: number): Promise<number> {
  let events = 0;
  let batch: FoodEvent[] = [];
  const send = async () => {
    await recordEvents(db, householdId, batch, systemClock);
    events += batch.length;
    batch = [];
  };
  for (const life of yearsOfUse(until, years, chances(years))) {
    if (batch.length + life.length > 200) await send();
    batch.push(...life);
  }
  await send();
  const readings = Array.from({ length: years * 365 * READINGS_A_DAY }, (_, i) => ({
    household_id: householdId,
    id: uuid(),
    store: 'refrigerator',
    at: Math.floor(until - (i * DAY_MS) / READINGS_A_DAY),
    temperature: JSON.stringify({ value: 4, unit: 'C' }),
  }));
  await db.batchInsert('store_readings', readings, 1000);
  return events;
}

/** A cursor in the middle of all that ever happened. */
async function farBack(db: Database): Promise<string> {
  const row = (await db('events').orderBy('at').offset(500).first('at', 'id')) as { at: number; id: string };
  return `/api/events?before=${row.at}.${row.id}`;
}

/** Every list after one, five and ten years of use, against the lightest route of the same server. */
export async function years(): Promise<string[]> {
  const lines: string[] = [];
  for (const count of YEARS) {
    const folder = mkdtempSync(join(tmpdir(), 'omtel-years-'));
    const database = await startDatabase(folder, 'bench-only-password', { throwaway: true });
    await migrate(database.url);
    const db = connect(database.url);
    const household = await ensureDemoHousehold(db, systemClock, 'UTC');
    const events = await fill(db, household.id, systemClock.now() + household.clockStartMs, count);
    const far = await farBack(db);
    const server = await startServer({
      OMTEL_DATABASE_URL: database.url,
      OMTEL_PORT: String(await freePort()),
      OMTEL_SECRET: 'bench-only-secret'.repeat(3),
      OMTEL_ZONE: 'UTC',
    });
    try {
      const { cookie } = await signIn(server.address);
      const first = (await (
        await fetch(`${server.address}/api/events`, { headers: { cookie } })
      ).json()) as Log;
      if (first.entries.length === 0) throw new Error('nothing was told');
      for (const clients of [1, CLIENTS]) {
        const times = new Map<Route, number>();
        for (const [name, path] of Object.entries(ROUTES) as [Route, string][])
          times.set(name, await p95(`${server.address}${path || far}`, cookie, clients));
        const lightest = times.get('household')!;
        const ratios = [...times]
          .filter(([name]) => name !== 'household')
          .map(([name, ms]) => `${name} ${(ms / lightest).toFixed(1)}`);
        lines.push(`${count} years, ${events} entries, ${clients} at once: ${ratios.join(', ')}`);
      }
    } finally {
      await server.stop();
      await db.destroy();
      await database.stop();
      rmSync(folder, { recursive: true, force: true });
    }
  }
  return lines;
}
