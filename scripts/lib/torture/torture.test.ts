import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chances } from '@omtel/core/chance';
import { openArena, type Arena } from './arena';
import { sendHostile } from './hostile';
import { killAtRandom } from './kills';
import { mergeOffline } from './merging';

jest.setTimeout(300_000);

const folder = mkdtempSync(join(tmpdir(), 'omtel-torture-'));
let arena: Arena;
beforeAll(async () => {
  arena = await openArena(folder);
});
afterAll(async () => {
  await arena.stop();
  rmSync(folder, { recursive: true, force: true });
});

it('what was acknowledged is there once, whatever was killed meanwhile', async () => {
  const survived = await killAtRandom(arena, 6, chances(1));
  const { acknowledged } = survived;
  expect(survived).toMatchObject({ lost: 0, doubled: 0, differing: 0, gaps: 0, untold: 0 });
  expect(acknowledged).toBeGreaterThan(20);
});

it('two devices that were offline come to the same, in either order', async () => {
  expect(await mergeOffline(arena, 10, chances(2))).toEqual({ foods: 10, differing: 0 });
});

it('nothing anybody sends is our fault, or shows what is another’s', async () => {
  const { failed, leaked, requests, routes } = await sendHostile(arena, 1200, chances(3));
  expect({ failed, leaked }).toEqual({ failed: 0, leaked: 0 });
  expect([requests, routes >= 15]).toEqual([1200, true]);
});
