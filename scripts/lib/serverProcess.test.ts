import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { request, type IncomingMessage } from 'node:http';
import type { Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDatabase, type RunningDatabase } from './database';
import { freePort } from './ports';
import { startServer } from './serverProcess';
import { signIn } from './torture/device';

jest.setTimeout(120_000);

const folder = mkdtempSync(join(tmpdir(), 'omtel-server-'));
let database: RunningDatabase;
beforeAll(async () => {
  database = await startDatabase(folder, 'test-only-password', { throwaway: true });
});
afterAll(async () => {
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
});
const start = async (more: Record<string, string> = {}) =>
  startServer({
    OMTEL_DATABASE_URL: database.url,
    OMTEL_PORT: String(await freePort()),
    OMTEL_SECRET: 'test-only-secret'.repeat(3),
    OMTEL_ZONE: 'UTC',
    ...more,
  });

/** A request on a connection of its own: when it is on its way, and what is answered. */
function posted(address: string, cookie: string): { sent: Promise<unknown>; status: Promise<number> } {
  const asked = request(address, { method: 'POST', headers: { cookie, 'content-length': 0 }, agent: false });
  const sent = once(asked, 'socket').then(async ([socket]) => {
    if ((socket as Socket).connecting) await once(socket as Socket, 'connect');
  });
  const status = once(asked, 'response').then(([answer]) => (answer as IncomingMessage).resume().statusCode!);
  asked.end();
  return { sent, status };
}

it('told to stop, it finishes what it was asked, and takes nothing more', async () => {
  const server = await start();
  const { cookie } = await signIn(server.address);
  // The demo begins anew: that takes a while, and each waits for the one before.
  const asked = Array.from({ length: 20 }, () => posted(`${server.address}/api/household/restart`, cookie));
  await Promise.all(asked.map(({ sent }) => sent));
  const stopped = server.stop();
  const statuses = await Promise.all(asked.map(({ status }) => status));
  expect(statuses).toEqual(statuses.map(() => 200));
  await stopped;
  expect(await server.ended).toBe(0);
  await expect(fetch(`${server.address}/api/health`)).rejects.toThrow();
});

it('told to stop, it lets those go who only listen', async () => {
  const server = await start();
  const { cookie } = await signIn(server.address);
  const listening = await Promise.all(
    Array.from({ length: 3 }, async () => {
      const { body } = await fetch(`${server.address}/api/live?after=0.0`, { headers: { cookie } });
      return body!.pipeThrough(new TextDecoderStream()).getReader();
    }),
  );
  for (const reader of listening) {
    let said = '';
    while (!said.includes('event: entry')) said += (await reader.read()).value;
  }
  const ends = listening.map(async (reader) => {
    while (!(await reader.read()).done);
  });
  await server.stop();
  await Promise.all(ends);
});

it.each([
  ['OMTEL_SECRET', 'short', 'The setting OMTEL_SECRET is not usable: it has to be 32 characters or more.'],
  ['OMTEL_DATABASE_URL', 'mysql://omtel:x@127.0.0.1:1/omtel', 'The database cannot be used (ECONNREFUSED).'],
])('with a wrong %s it says one sentence and ends', async (name, value, sentence) => {
  const said: string[] = [];
  const write = jest.spyOn(process.stderr, 'write').mockImplementation((chunk) => {
    said.push(String(chunk));
    return true;
  });
  try {
    await expect(start({ [name]: value })).rejects.toThrow();
  } finally {
    write.mockRestore();
  }
  expect(said.join('').trim()).toBe(sentence);
});
