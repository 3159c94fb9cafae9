import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chances } from './lib/inventedUse';
import { run, Sentence } from './lib/sentence';
import { openArena } from './lib/torture/arena';
import { sendHostile } from './lib/torture/hostile';
import { killAtRandom } from './lib/torture/kills';
import { mergeOffline } from './lib/torture/merging';

/**
 * Does to a whole Omtel of its own what must not hurt it, and prints what came of it: `npm run torture [rounds] [requests] [seed]`.
 */
run(async () => {
  const [rounds = 200, requests = 20_000, seed = Date.now() % 1e6] = process.argv.slice(2).map(Number);
  const folder = mkdtempSync(join(tmpdir(), 'omtel-torture-'));
  console.log(`Seed ${seed}: ${rounds} kills, ${requests} hostile requests, 200 foods noted on two devices.`);
  const arena = await openArena(folder);
  try {
    const survived = await killAtRandom(arena, rounds, chances(seed));
    console.log('Killed at random:', survived);
    const merged = await mergeOffline(arena, 200, chances(seed + 1));
    console.log('Merged:', merged);
    const withstood = await sendHostile(arena, requests, chances(seed + 2));
    console.log('Hostile:', withstood);
    const { lost, doubled, differing, gaps } = survived;
    const broken = lost + doubled + differing + gaps + merged.differing + withstood.failed + withstood.leaked;
    if (broken > 0) throw new Sentence(`${broken} promises were broken.`);
    console.log('Every promise held.');
  } finally {
    await arena.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
