import { chances } from '../chance';
import { gridOf } from './grid';
import { scheduleOf, stoodAt, type Costed } from './onGrid';
import { asChosen, costOf, type Problem, type Schedule } from './problem';
import { build, improve } from './search';
import type { Search } from './timing';

/** For each two tasks that come in the order wished for, so much more may be waited in all. */
export const WORTH = 2;

/**
 * Puts tasks in the order wished for, one wish after the other, where dinner is no later for it and little more is waited.
 *
 * @param schedule of the whole problem
 */
export function asWished(problem: Problem, schedule: Costed, search: Pick<Search, 'seed' | 'goOn'>): Costed {
  const { chosen } = schedule;
  let granted = asChosen(problem, chosen);
  let best = schedule;
  for (const { first, then } of problem.wishes) {
    if (!search.goOn()) break;
    const bound = { ...granted, links: [...granted.links, linkOf(first, then)] };
    if (isKept(granted, best, first, then)) {
      granted = bound;
      continue;
    }
    const other = rearranged(bound, best, search);
    if (!other) continue;
    const cost = costOf(problem, { ...other, chosen });
    if (cost > best.cost + WORTH) continue;
    best = { ...other, ...(chosen && { chosen }), cost };
    granted = bound;
  }
  return best;
}

const linkOf = (from: string, to: string): Problem['links'][number] => ({
  from,
  to,
  min: 0,
  max: null,
  weight: 0,
  of: 'end',
  firm: false,
});

function isKept({ tasks }: Problem, { startAt }: Schedule, first: string, then: string): boolean {
  const { minutes } = tasks.find(({ id }) => id === first)!;
  return startAt[first]! + minutes <= startAt[then]!;
}

/** A schedule at the same moment that keeps one more order; null where none is found. */
function rearranged(
  problem: Problem,
  before: Schedule,
  { seed, goOn }: Pick<Search, 'seed' | 'goOn'>,
): Costed | null {
  const grid = gridOf(problem);
  if (grid.impossible.length) return null;
  const chance = chances(seed);
  const built = build(grid, before.serveAt / grid.step, chance, stoodAt(problem, grid, before));
  if (typeof built !== 'object') return null;
  improve(built.placing, 0, chance, goOn, () => undefined);
  return scheduleOf(problem, grid, built.placing);
}
