import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type { FoodTrail, Household } from '@omtel/core/api';
import { v7 as uuid } from 'uuid';
import { startDatabase, type RunningDatabase } from '../../scripts/lib/database';
import { unlessSilent } from './db/silence';
import { lamb, openKitchen, type Kitchen } from '../test/kitchen';

const LONGEST_MS = 5_000;
const PAGE = '<html><head></head><body></body></html>';

let [folder, web] = ['', ''];
let database: RunningDatabase;
let kitchen: Kitchen;
let household: Household;
const send = (signal: NodeJS.Signals) =>
  process.kill((JSON.parse(readFileSync(join(folder, 'run.json'), 'utf8')) as { pid: number }).pid, signal);

// A database of its own, since it is frozen.
beforeAll(async () => {
  [folder, web] = ['omtel-silence-', 'omtel-web-'].map((name) => mkdtempSync(join(tmpdir(), name))) as [
    string,
    string,
  ];
  writeFileSync(join(web, 'index.html'), PAGE);
  database = await startDatabase(folder, 'test-only-password', { throwaway: true });
  kitchen = await openKitchen(web, database.url);
  household = await kitchen.signIn();
});
afterAll(async () => {
  send('SIGCONT');
  await kitchen.close();
  await database.stop();
  for (const made of [folder, web]) rmSync(made, { recursive: true, force: true });
});

const timed = async (ask: Promise<Response>): Promise<[Response, number]> => {
  const began = Date.now();
  return [await ask, Date.now() - began];
};

it('what is answered while the server itself is held up counts as no silence', async () => {
  const asked = unlessSilent(kitchen.db, 1_000, async () => kitchen.db.raw('SELECT SLEEP(0.3)'));
  await pause(100);
  // After this the timers come next, and only then what was answered.
  await new Promise(setImmediate);
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, LONGEST_MS);
  await expect(asked).resolves.toBeDefined();
});

it('a frozen database is answered 503 in time, whatever is asked; thawed, all goes on', async () => {
  const foodId = uuid();
  const events = [lamb(foodId, household.clock.now)];
  send('SIGSTOP');
  try {
    // More at once than there are connections.
    const asked = Array.from({ length: 12 }, (_, i) =>
      timed(i % 2 ? kitchen.ask('GET', '/api/foods') : kitchen.ask('POST', '/api/events', { events })),
    );
    for (const [response, ms] of await Promise.all(asked)) {
      expect(response.status).toBe(503);
      expect(ms).toBeLessThan(LONGEST_MS);
    }
    // A page is shown all the same, and asks for itself.
    const [page, pageMs] = await timed(kitchen.ask('GET', '/now'));
    expect([page.status, await page.text()]).toEqual([200, PAGE]);
    expect(pageMs).toBeLessThan(LONGEST_MS);
    const [health] = await timed(kitchen.ask('GET', '/api/health'));
    expect(health.status).toBe(503);
    expect(await health.json()).toMatchObject({ ready: false, database: 'silent' });
    expect((await kitchen.ask('GET', '/api/health/alive')).status).toBe(200);
  } finally {
    send('SIGCONT');
  }
  // As an outbox does: what a busy machine has not come round to yet is sent again.
  let again: Response;
  do again = await kitchen.ask('POST', '/api/events', { events });
  while (again.status === 503);
  expect(again.status).toBe(200);
  const trail = (await (await kitchen.ask('GET', `/api/foods/${foodId}`)).json()) as FoodTrail;
  expect(trail.events).toHaveLength(1);
  expect((await kitchen.ask('GET', '/api/health')).status).toBe(200);
});
