import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as uuid } from 'uuid';
import { chances } from '@omtel/core/chance';
import { foodLife } from '../inventedUse';
import type { Arena } from '../torture/arena';
import { openClusterArena } from '../torture/clusterArena';
import { Device, signIn } from '../torture/device';
import { killAtRandom } from '../torture/kills';
import { runCluster } from './run';

jest.setTimeout(300_000);

const LONGEST_PAUSE_MS = 5_000;

const folder = mkdtempSync(join(tmpdir(), 'omtel-cluster-'));
let arena: Arena;
beforeAll(async () => {
  arena = await openClusterArena(folder, { throwaway: true });
});
afterAll(async () => {
  await arena.stop();
  rmSync(folder, { recursive: true, force: true });
});

it('what was acknowledged by one server is known to the other at once', async () => {
  const { cookie, now } = await signIn(arena.addresses[0]!);
  const headers = { 'content-type': 'application/json', cookie };
  for (let round = 0; round < 20; round++) {
    const [here, there] = round % 2 ? arena.addresses : [...arena.addresses].reverse();
    const [added] = foodLife(now - 1000, chances(round));
    const events = [{ ...added!, id: uuid() }];
    const sent = await fetch(`${here}/api/events`, {
      method: 'POST',
      headers,
      body: JSON.stringify({ events }),
    });
    expect(sent.status).toBe(200);
    expect((await fetch(`${there}/api/foods/${added!.foodId}`, { headers })).status).toBe(200);
  }
});

it('two that write the same household over two servers both come through, numbered without a gap', async () => {
  const { cookie, now } = await signIn(arena.addresses[0]!);
  const devices = arena.addresses.map((address) => new Device([address], cookie));
  await Promise.all(
    devices.map(async (device, index) => {
      for (let round = 0; round < 10; round++)
        await device.send(foodLife(now - 1e9, chances(100 * index + round)));
    }),
  );
  // Neither had to be sent again: who met the other was tried again where it was.
  expect(devices.map(({ again }) => again)).toEqual([0, 0]);
});

it('what was acknowledged survives any node and any server, and nobody waits long', async () => {
  const survived = await killAtRandom(arena, 4, chances(7));
  const { acknowledged, longestPauseMs } = survived;
  expect(survived).toMatchObject({ lost: 0, doubled: 0, differing: 0, gaps: 0, untold: 0 });
  expect(acknowledged).toBeGreaterThan(20);
  expect(longestPauseMs).toBeLessThan(LONGEST_PAUSE_MS);
});

it('a node that freezes is left for another, and goes on with the others when it thaws', async () => {
  const { cookie, now } = await signIn(arena.addresses[0]!);
  const device = new Device([arena.addresses[0]!], cookie);
  const send = (seed: number) => device.send(foodLife(now - 1e9, chances(seed)).slice(0, 1));
  await send(901);
  // The one this server prefers.
  arena.signal('first node', 'SIGSTOP');
  try {
    await send(902);
    expect(device.longestMs).toBeLessThan(2 * LONGEST_PAUSE_MS);
    const began = Date.now();
    await send(903);
    expect(Date.now() - began).toBeLessThan(1_000);
  } finally {
    arena.signal('first node', 'SIGCONT');
  }
  await arena.kill([]);
});

it('is not started twice in one place', async () => {
  const again = runCluster({
    folder,
    password: 'another-password',
    servers: [],
    stopping: new AbortController().signal,
    say: () => undefined,
    started: () => undefined,
  });
  await expect(again).rejects.toThrow('A cluster runs here already.');
});
