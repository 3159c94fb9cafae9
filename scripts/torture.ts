import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chances } from '@omtel/core/chance';
import { run, Sentence } from './lib/sentence';
import { openArena, type Arena } from './lib/torture/arena';
import { openClusterArena } from './lib/torture/clusterArena';
import { sendHostile } from './lib/torture/hostile';
import { killAtRandom, type Survived } from './lib/torture/kills';
import { mergeOffline } from './lib/torture/merging';

/**
 * Does to a whole Omtel of its own what must not hurt it, and prints what came of it: `npm run torture -- [rounds]
 * [requests] [seed] [rounds of a cluster]`.
 */
run(async () => {
  const [rounds = 200, requests = 20_000, seed = Date.now() % 1e6, ofCluster = 20] = process.argv
    .slice(2)
    .map(Number);
  console.log(
    `Seed ${seed}: ${rounds} kills, ${requests} hostile requests, 200 foods noted on two devices, ${ofCluster} kills in a cluster.`,
  );
  const broken =
    (await within(openArena, async (arena) => {
      const survived = await killAtRandom(arena, rounds, chances(seed));
      console.log('Killed at random:', survived);
      const merged = await mergeOffline(arena, 200, chances(seed + 1));
      console.log('Merged:', merged);
      const withstood = await sendHostile(arena, requests, chances(seed + 2));
      console.log('Hostile:', withstood);
      return brokenOf(survived) + merged.differing + withstood.failed + withstood.leaked;
    })) +
    (await within(openClusterArena, async (arena) => {
      const survived = await killAtRandom(arena, ofCluster, chances(seed + 3));
      console.log('Killed at random in a cluster:', survived);
      return brokenOf(survived);
    }));
  if (broken > 0) throw new Sentence(`${broken} promises were broken.`);
  console.log('Every promise held.');
});

const brokenOf = ({ lost, doubled, differing, gaps, untold }: Survived) =>
  lost + doubled + differing + gaps + untold;

async function within<Result>(
  open: (folder: string) => Promise<Arena>,
  work: (arena: Arena) => Promise<Result>,
): Promise<Result> {
  const folder = mkdtempSync(join(tmpdir(), 'omtel-torture-'));
  const arena = await open(folder);
  try {
    return await work(arena);
  } finally {
    await arena.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
