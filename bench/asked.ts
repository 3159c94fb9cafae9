import type { FormId } from '../core/src/foods';
import { PLAIN_GUIDANCE } from '../core/src/guidance';
import { containerById } from '../core/src/forecast';
import { runJob } from '../core/src/jobs';
import { USUAL_REFRIGERATOR } from '../core/src/thermal';

const ROUNDS = 5;
const guidance = PLAIN_GUIDANCE;
const LEFT: readonly (readonly [food: string, massKg: number, container: string, count: number])[] = [
  ['lentil-soup', 4, 'pot', 1],
  ['beef-stew', 3, 'tub', 2],
  ['beef-stew', 6, 'pot', 1],
  ['beef-stew', 2, 'glass-dish', 1],
  ['cooked-rice', 3, 'metal-tray', 1],
  ['aubergine-bake', 3, 'glass-dish', 1],
];
const RAW: readonly (readonly [food: string, form: FormId, massKg: number])[] = [
  ['lamb-shoulder-bone-in', 'boneInJoint', 2.4],
  ['turkey-whole', 'wholeBird', 6],
  ['chicken-thighs', 'pieces', 1],
  ['ground-beef', 'flatPack', 0.5],
];

/** The least time of several runs of each, ms. */
const leastMs = (run: () => unknown): number =>
  Math.min(
    ...Array.from({ length: ROUNDS }, () => {
      const from = performance.now();
      run();
      return performance.now() - from;
    }),
  );

/** How long a forecast takes as a person asks for it: band, verdict, cheapest change and all. */
export async function asked(): Promise<string[]> {
  const cool = LEFT.map(([foodKey, massKg, container, count]) =>
    leastMs(() => {
      const { still } = runJob('cooling', {
        foodKey,
        massKg,
        startC: 90,
        container: containerById(container),
        count,
        lid: true,
        stirred: false,
        stays: [{ place: 'refrigerator', forS: 0 }],
        refrigerator: USUAL_REFRIGERATOR,
        guidance,
      });
      if (still) runJob('coolingChange', { still, guidance });
    }),
  );
  const thaw = RAW.map(([foodKey, form, massKg]) =>
    leastMs(() => runJob('thaw', { foodKey, form, massKg, guidance, place: 'refrigerator' })),
  );
  const roast = RAW.map(([foodKey, form, massKg]) => {
    const asked = { foodKey, form, massKg, ovenC: 165, fan: false, startC: 4, targetC: 74, readings: [] };
    return leastMs(() => runJob('roast', asked));
  });
  const line = (name: string, ms: readonly number[]) =>
    `${name}: ${Math.min(...ms).toFixed(0)} to ${Math.max(...ms).toFixed(0)} ms, of at most 300`;
  return [line('thaw', thaw), line('cool', cool), line('roast', roast)];
}
