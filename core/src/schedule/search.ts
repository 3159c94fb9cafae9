import type { Grid } from './grid';
import { complete, EPSILON, isPlaced, type Effort, type Limits, type Outcome } from './descent';
import { Placing } from './placing';

/** How hard is looked, in starts that are tried. */
const EFFORT = { alone: 4_000, dish: 1_500, whole: 12_000, better: 2_500 } as const;
/** How often a dish is put in, whichever made room for it, before one moment to serve is given up. */
const TRIES = 60;

/** Whether some tasks can be placed by themselves, with nothing else in the kitchen. */
export function fits(grid: Grid, nodes: readonly number[], serveAt: number, chance: () => number): boolean {
  const outcome = complete(new Placing(grid, serveAt), nodes, { left: EFFORT.alone }, chance, {
    first: true,
  });
  // What is too much to tell is left to the search for all.
  return outcome !== 'none';
}

/** How the search for any schedule at one moment ended; `none` is proven. */
export type Built = { readonly placing: Placing } | 'none' | 'unknown';

/**
 * Looks for a schedule of all dishes at one serving moment: dish by dish, others making room for those that find none, and at last
 * all tasks at once.
 *
 * @param before where each node stood, or -1: dishes for which that still does stay there
 * @param budget what all that is tried may use up; after that it cannot be told
 */
export function build(
  grid: Grid,
  serveAt: number,
  chance: () => number,
  before: readonly number[] | null = null,
  budget: Effort = { left: Infinity },
): Built {
  const placing = new Placing(grid, serveAt);
  const order = byLoad(grid, chance);
  const standing = before ? order.filter((dish) => standsAsBefore(placing, grid.dishes[dish]!, before)) : [];
  const waiting = order.filter((dish) => !standing.includes(dish));
  const refusals = grid.dishes.map(() => 0);
  const findsRoom = (dish: number) =>
    isPlaced(within(budget, EFFORT.dish, (effort) => complete(placing, grid.dishes[dish]!, effort, chance)));
  for (let tried = 0; tried < TRIES && waiting.length && budget.left > 0; tried++) {
    const dish = waiting.shift()!;
    // Those that found room most easily make room: one after the other, until there is enough.
    while (!findsRoom(dish) && standing.length) {
      refusals[dish]! += 1;
      const yields = standing
        .map((other, index) => ({ index, rank: refusals[other]! + 2 * chance() }))
        .reduce((a, b) => (b.rank < a.rank ? b : a)).index;
      const [gone] = standing.splice(yields, 1);
      placing.remove(grid.dishes[gone!]!);
      waiting.push(gone!);
    }
    if (placing.starts[grid.dishes[dish]![0]!]! < 0) break;
    standing.push(dish);
  }
  if (waiting.length === 0 && standing.length === grid.dishes.length) return { placing };
  const all = new Placing(grid, serveAt);
  const every = grid.tasks.map((_, node) => node);
  const outcome = within(budget, EFFORT.whole, (effort) =>
    complete(all, every, effort, chance, { first: true }),
  );
  return isPlaced(outcome) ? { placing: all } : outcome;
}

/** Searches with as much of the budget as it may have, and takes from it what was used. */
function within(budget: Effort, most: number, search: (effort: Effort) => Outcome): Outcome {
  const given = Math.max(0, Math.min(most, budget.left));
  const effort = { left: given };
  const outcome = search(effort);
  budget.left -= given - Math.max(0, effort.left);
  return outcome;
}

/** Whether all tasks of a dish can stand where they did; if so they do. */
function standsAsBefore(placing: Placing, nodes: readonly number[], before: readonly number[]): boolean {
  const { grid, starts, standing, occupancy } = placing;
  const { apart, horizon } = grid;
  const put: number[] = [];
  for (const node of nodes) {
    const at = before[node]!;
    const linked =
      at >= 0 &&
      at + grid.tasks[node]!.steps <= horizon &&
      standing.every(
        (other) =>
          at >= starts[other]! + apart[other * grid.nodes + node]! &&
          starts[other]! >= at + apart[node * grid.nodes + other]!,
      );
    if (!linked || !occupancy.fits(node, at)) {
      placing.remove(put);
      return false;
    }
    placing.put(node, at);
    put.push(node);
  }
  return true;
}

/** The dishes, what asks for most of the kitchen first, more or less: another order leads to another schedule. */
function byLoad({ dishes, tasks }: Grid, chance: () => number): number[] {
  const loads = dishes.map(
    (nodes) =>
      (0.5 + chance()) * nodes.reduce((sum, node) => sum + tasks[node]!.steps * (1 + tasks[node]!.units), 0),
  );
  return dishes.map((_, dish) => dish).sort((a, b) => loads[b]! - loads[a]!);
}

/**
 * Makes a schedule cheaper: dishes are taken out and put in again, as well as they can be beside the others; then a dish is moved
 * from where it is best, and the others follow, again and again. What came of it is kept if it is cheaper.
 *
 * @param goOn asked before each try
 * @param better told of each one that is cheaper
 */
export function improve(
  placing: Placing,
  rounds: number,
  chance: () => number,
  goOn: () => boolean,
  better: () => void,
): void {
  const { grid } = placing;
  if (grid.tasks.length === 0) return better();
  const all = grid.dishes.map((_, dish) => dish);
  const nodesOf = (dishes: readonly number[]) => dishes.flatMap((dish) => grid.dishes[dish]!);
  /** Whether some tasks could be put in anew within the limits; else they stand as before. */
  const retry = (nodes: readonly number[], left: number, limits: Limits): boolean => {
    const before = placing.remove(nodes);
    const outcome = complete(placing, nodes, { left }, chance, limits);
    if (isPlaced(outcome)) return true;
    for (const [node, start] of before) placing.put(node, start);
    return false;
  };
  const cheaper = (nodes: readonly number[]) =>
    retry(nodes, EFFORT.better, { below: placing.waiting - EPSILON });
  const settle = () => {
    for (let changed = true; changed && goOn();) {
      changed = false;
      for (const dish of all) changed = cheaper(grid.dishes[dish]!) || changed;
    }
    // Dishes in each other's way at one hour change places only together.
    for (let tries = 0; tries < HOURS && goOn(); tries++) cheaper(atOneHour(placing, chance));
  };

  settle();
  better();
  let best = placing.starts.slice();
  let least = placing.waiting;
  for (let round = 0; round < rounds * all.length && goOn() && least > EPSILON; round++) {
    const some = together(grid, all, Math.min(all.length, 1 + Math.floor(chance() * 3)), chance);
    const nodes = grid.dishes[some[0]!]!;
    const moved = nodes[Math.floor(chance() * nodes.length)]!;
    const slack = least * SLACK + SLACK_AT_LEAST;
    const limits = { below: least + slack, otherThan: [moved, placing.starts[moved]!] } as const;
    if (!retry(nodesOf(some), EFFORT.better * some.length, limits)) continue;
    settle();
    if (placing.waiting < least - EPSILON) {
      better();
      best = placing.starts.slice();
      least = placing.waiting;
    } else if (placing.waiting > least + EPSILON) {
      const standing = nodesOf(all);
      placing.remove(standing);
      for (const node of standing) placing.put(node, best[node]!);
    }
  }
}

/** How much dearer a schedule may become for a moment, so that it can become cheaper: as a share, and at least. */
const SLACK = 0.15;
const SLACK_AT_LEAST = 10;

/** How many hours are looked at, and with how many tasks each. */
const HOURS = 6;
const [FEW, MANY] = [4, 10];

/** Some tasks of any dishes that stand near to each other in time. */
function atOneHour({ grid, starts }: Placing, chance: () => number): readonly number[] {
  const centre = Math.floor(chance() * grid.tasks.length);
  const about = starts[centre]! + (chance() < 0.5 ? 0 : grid.tasks[centre]!.steps);
  const count = FEW + Math.floor(chance() * (MANY - FEW + 1));
  return grid.tasks
    .map(({ steps }, node) => {
      const start = starts[node]!;
      return { node, away: Math.max(0, start - about, about - start - steps) + chance() };
    })
    .sort((a, b) => a.away - b.away)
    .slice(0, count)
    .map(({ node }) => node);
}

/** Some dishes that meet: one by chance, and others that share its places or its hands. */
function together(grid: Grid, all: readonly number[], most: number, chance: () => number): readonly number[] {
  const first = all[Math.floor(chance() * all.length)]!;
  const placesOf = (dish: number) =>
    new Set(grid.dishes[dish]!.map((node) => grid.tasks[node]!.place).filter((place) => place >= 0));
  const mine = placesOf(first);
  const others = all
    .filter((dish) => dish !== first)
    .map((dish) => ({
      dish,
      rank: chance() + ([...placesOf(dish)].some((place) => mine.has(place)) ? 0.5 : 0),
    }))
    .sort((a, b) => b.rank - a.rank);
  return [first, ...others.slice(0, most - 1).map(({ dish }) => dish)];
}
