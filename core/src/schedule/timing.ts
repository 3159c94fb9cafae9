import { chances } from '../chance';
import { gridOf, type Grid } from './grid';
import type { Placing } from './placing';
import { earliestOf, firstFrom, neverOf, pairsOf, window } from './moments';
import { scheduleOf, type Costed } from './onGrid';
import type { Problem } from './problem';
import { build, fits, improve } from './search';

export interface Search {
  readonly seed: number;
  readonly rounds: number;
  onBetter?(schedule: Costed): void;
  goOn(): boolean;
}

/** From how many different schedules it is looked for a cheaper one. */
const STARTS = 3;
/** So many moments of which it cannot be told lie one by one, as many again two by two, and so on; after so many none is likely to do. */
const [CLOSE, MOST_UNTOLD] = [4, 40];
/** How often a moment is tried that is earlier than one that is known to do; and of how many such every one is. */
const TRIES_EARLIER = 4;
const FEW_MOMENTS = 6;

/**
 * When each task is best done in a problem that has nothing left to choose.
 *
 * @returns a schedule that keeps every constraint; `none` is proven
 */
export function timing(
  problem: Problem,
  { seed, rounds, onBetter, goOn }: Search,
): Costed | 'none' | 'unknown' {
  const found = anySchedule(problem, seed, goOn);
  if (typeof found === 'string') return found;
  const grid = gridOf(problem);
  let best = scheduleOf(problem, grid, found.first);
  const heard = (placing: Placing) => {
    const next = scheduleOf(problem, grid, placing);
    if (next.cost >= best.cost) return;
    best = next;
    onBetter?.(best);
  };
  onBetter?.(best);
  const chance = chances(seed);
  const placing = earlier(grid, found.earliest, found.first, chance, goOn);
  heard(placing);
  improve(placing, rounds, chance, goOn, () => heard(placing));
  for (let start = 1; start < STARTS && goOn(); start++) {
    const other = build(grid, placing.serveAt, chance);
    if (typeof other === 'object') improve(other.placing, rounds, chance, goOn, () => heard(other.placing));
  }
  return best;
}

/** Whether there is a schedule; null where that cannot be told. */
export function isFeasible(problem: Problem, { seed, goOn }: Pick<Search, 'seed' | 'goOn'>): boolean | null {
  const found = anySchedule(problem, seed, goOn);
  return found === 'unknown' ? null : found !== 'none';
}

interface Any {
  readonly first: Placing;
  /** Nothing can be served before, in steps. */
  readonly earliest: number;
}

/** Any schedule, at a moment not much later than it has to be. */
function anySchedule(problem: Problem, seed: number, goOn: () => boolean): Any | 'none' | 'unknown' {
  const grid = gridOf(problem);
  if (grid.impossible.length || grid.apart[grid.serve * grid.nodes + grid.serve]! > 0) return 'none';
  const chance = chances(seed);
  const [, to] = window(grid);
  const never = neverOf(problem, seed);
  const earliest = earliestOf(grid, never, chance);
  let [untold, asked] = [0, false];
  // Near the moment wanted every one counts; the later, the fewer are looked at, until there is one.
  for (let at = earliest; at <= to && untold < MOST_UNTOLD; at += 1 + Math.floor(untold / CLOSE)) {
    if (!goOn()) return 'unknown';
    const built = build(grid, at, chance);
    if (typeof built === 'object') return { first: built.placing, earliest };
    if (built === 'unknown') untold += 1;
    if (!asked && !never.fitsAll()) return 'none';
    asked = true;
  }
  if (untold === 0) return 'none';
  // Too many to go through them all; two of them may be enough.
  const nowhere = (nodes: readonly number[]) =>
    firstFrom(earliest, to, (moment) => !goOn() || fits(grid, nodes, moment, chance)) > to;
  return pairsOf(grid).some(nowhere) ? 'none' : 'unknown';
}

/** A schedule at the earliest moment for which one is found. */
function earlier(
  grid: Grid,
  earliest: number,
  first: Placing,
  chance: () => number,
  goOn: () => boolean,
): Placing {
  const tryAt = (at: number, tries: number): Placing | null => {
    for (let tried = 0; tried < tries && goOn(); tried++) {
      const built = build(grid, at, chance);
      if (typeof built === 'object') return built.placing;
      if (built === 'none') return null;
    }
    return null;
  };
  let [from, best] = [earliest, first];
  // Of many, later ones are more likely to do: halved, until there are few.
  while (best.serveAt - from > FEW_MOMENTS && goOn()) {
    const middle = Math.floor((from + best.serveAt) / 2);
    const found = tryAt(middle, 1);
    if (found) best = found;
    else from = middle + 1;
  }
  for (let at = from; at < best.serveAt; at++) {
    const found = tryAt(at, earliest === from ? TRIES_EARLIER : 1);
    if (found) return found;
  }
  return best;
}
