import { crewsFor, crewsOf, type Crew } from './crews';
import { SERVE, type Problem } from './problem';

/** Never to be reached. */
export const FAR = 1 << 29;

/** A task in steps of the grid. */
export interface GridTask {
  readonly steps: number;
  /** Its place by number; none is -1. */
  readonly place: number;
  readonly units: number;
  readonly heat: readonly [low: number, high: number] | null;
  /** How many hands it needs when, from its start; spans do not meet. */
  readonly hands: readonly Hands[];
  /** The crews its hands are counted in. */
  readonly crews: readonly number[];
  readonly present: boolean;
  /** From each step on, and back from it, the nearest start for which its cooks would be there if it were alone; or FAR, or -FAR. */
  readonly next: Int32Array;
  readonly previous: Int32Array;
}

interface Hands {
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

/** What the waiting between two nodes takes of a place, from so many steps after the start of the first until the start of the second. */
export interface GridHold {
  readonly from: number;
  readonly to: number;
  readonly after: number;
  readonly place: number;
  readonly units: number;
  readonly heat: readonly [low: number, high: number] | null;
}

/** A link whose waiting costs something, between nodes. */
export interface GridLink {
  readonly from: number;
  readonly to: number;
  /** Added to the start of `from`, its waiting begins. */
  readonly after: number;
  readonly perStep: number;
}

/**
 * A problem in steps of the largest grid that loses nothing: all its times are whole multiples of a step, so a best schedule is too.
 * Nodes are the tasks in their order, then the serving moment, then the moment of planning.
 */
export interface Grid {
  readonly step: number;
  readonly horizon: number;
  readonly serveAt: number;
  readonly tasks: readonly GridTask[];
  readonly places: readonly { readonly capacity: number; readonly change: number }[];
  /** All cooks first. */
  readonly crews: readonly Crew[];
  readonly serve: number;
  readonly origin: number;
  /** `apart[i * nodes + j]`: the start of j lies at least so many steps after the start of i. */
  readonly apart: Int32Array;
  readonly nodes: number;
  readonly links: readonly GridLink[];
  readonly holds: readonly GridHold[];
  /** The holds that begin or end at each node. */
  readonly holdsAt: readonly (readonly number[])[];
  /** The dish of each task, by number; tasks without one that are linked belong together. */
  readonly dishOf: readonly number[];
  readonly dishes: readonly (readonly number[])[];
  /** Tasks that the links alone keep from ever being placed; empty if there is a way. */
  readonly impossible: readonly number[];
}

const gcd = (a: number, b: number): number => (b === 0 ? Math.abs(a) : gcd(b, a % b));

/** The longest step of which all times of a problem are multiples, min. */
export function stepOf({ horizon, serveAt, cooks, places, tasks, links }: Problem): number {
  const times = [
    horizon,
    serveAt,
    ...cooks.flatMap(({ free }) => free.flat()),
    ...places.map(({ changeMin }) => changeMin),
    ...tasks.flatMap((task) => [
      task.notBefore ?? 0,
      task.notAfter ?? 0,
      ...[task, ...task.options].flatMap(({ minutes = 0, hands = [] }) => [minutes, ...hands.flat()]),
    ]),
    ...links.flatMap(({ min, max }) => [min, max ?? 0]),
  ];
  return times.reduce(gcd, 0) || 1;
}

/** Lays a problem on its grid; what is left to choose in it was chosen. */
export function gridOf(problem: Problem): Grid {
  const step = stepOf(problem);
  const steps = (minutes: number) => minutes / step;
  const { tasks, places, links } = problem;
  const horizon = steps(problem.horizon);
  const [serve, origin, nodes] = [tasks.length, tasks.length + 1, tasks.length + 2];
  const placeOf = new Map(places.map(({ id }, index) => [id, index]));
  const nodeOf = new Map([...tasks.map(({ id }, index) => [id, index] as const), [SERVE, serve] as const]);

  const crews = crewsOf(problem, step, horizon);

  const apart = new Int32Array(nodes * nodes).fill(-FAR);
  const atLeast = (from: number, to: number, by: number) => {
    if (by > apart[from * nodes + to]!) apart[from * nodes + to] = by;
  };
  for (let node = 0; node < nodes; node++) atLeast(node, node, 0);
  tasks.forEach(({ minutes, notBefore, notAfter }, node) => {
    atLeast(origin, node, Math.max(0, steps(notBefore ?? 0)));
    const last = horizon - steps(minutes);
    atLeast(node, origin, -Math.min(last, notAfter === null ? last : steps(notAfter)));
  });
  atLeast(origin, serve, steps(problem.serveAt));
  atLeast(serve, origin, -horizon);
  const holds: GridHold[] = [];
  const gridLinks = links.map(({ from, to, min, max, weight, of, hold }) => {
    const [a, b] = [nodeOf.get(from)!, nodeOf.get(to)!];
    const length = of === 'end' && a !== serve ? steps(tasks[a]!.minutes) : 0;
    atLeast(a, b, length + steps(min));
    if (max !== null) atLeast(b, a, -(length + steps(max)));
    if (hold) {
      const { units, celsius = null } = hold;
      holds.push({ from: a, to: b, after: length, place: placeOf.get(hold.place)!, units, heat: celsius });
    }
    return { from: a, to: b, after: length + steps(min), perStep: weight * step };
  });
  for (let via = 0; via < nodes; via++)
    for (let i = 0; i < nodes; i++) {
      const first = apart[i * nodes + via]!;
      if (first === -FAR) continue;
      for (let j = 0; j < nodes; j++) {
        const second = apart[via * nodes + j]!;
        if (second !== -FAR && first + second > apart[i * nodes + j]!) apart[i * nodes + j] = first + second;
      }
    }

  const costly = gridLinks.filter(({ perStep }) => perStep > 0);
  const dishOf = dishesOf(problem, nodeOf);
  const dishes: number[][] = [];
  dishOf.forEach((dish, node) => (dishes[dish] ??= []).push(node));
  return {
    step,
    horizon,
    serveAt: steps(problem.serveAt),
    tasks: tasks.map(({ minutes, place, units, celsius, hands, by, present }) => {
      const task = {
        steps: steps(minutes),
        place: place === undefined ? -1 : placeOf.get(place)!,
        units,
        heat: celsius ?? null,
        hands: handsOf(hands.map(([from, to]) => [steps(from), steps(to)] as const)),
        crews: crewsFor(by, crews),
        present,
      };
      return withCalendar(task, crews, horizon);
    }),
    places: places.map(({ capacity, changeMin }) => ({ capacity, change: steps(changeMin) })),
    crews,
    serve,
    origin,
    apart,
    nodes,
    links: costly,
    holds,
    holdsAt: Array.from({ length: nodes }, (_, node) =>
      holds.flatMap(({ from, to }, hold) => (from === node || to === node ? [hold] : [])),
    ),
    dishOf,
    dishes,
    impossible: tasks.flatMap((_, node) => (apart[node * nodes + node]! > 0 ? [node] : [])),
  };
}

/** Spans that may meet as spans that do not, each with how many lie there. */
function handsOf(spans: readonly (readonly [from: number, to: number])[]): Hands[] {
  const ends = [...new Set(spans.flat())].sort((a, b) => a - b);
  return ends.slice(1).flatMap((to, index) => {
    const from = ends[index]!;
    const count = spans.filter(([begin, end]) => begin <= from && to <= end).length;
    return count > 0 ? [{ from, to, count }] : [];
  });
}

type Alone = Omit<GridTask, 'next' | 'previous'>;

/** Adds when the cooks would be there for a task. */
function withCalendar(task: Alone, crews: readonly Crew[], horizon: number): GridTask {
  const { steps, hands, present } = task;
  const anybody = crews[0]!.free;
  const there = (start: number): boolean => {
    if (start + steps > horizon) return false;
    if (present) for (let at = start; at < start + steps; at++) if (anybody[at]! === 0) return false;
    return task.crews.every((crew) =>
      hands.every(({ from, to, count }) => {
        const { free } = crews[crew]!;
        for (let at = start + from; at < start + to; at++) if (free[at]! < count) return false;
        return true;
      }),
    );
  };
  const [next, previous] = [new Int32Array(horizon + 1), new Int32Array(horizon + 1)];
  for (let start = horizon, nearest = FAR; start >= 0; start--) {
    if (there(start)) nearest = start;
    next[start] = nearest;
  }
  for (let start = 0, nearest = -FAR; start <= horizon; start++) {
    if (there(start)) nearest = start;
    previous[start] = nearest;
  }
  return { ...task, next, previous };
}

/** The number of each task's dish. */
function dishesOf({ tasks, links }: Problem, nodeOf: ReadonlyMap<string, number>): number[] {
  const names = new Map<string, number>();
  const numbered = (name: string) => names.get(name) ?? names.set(name, names.size).get(name)!;
  // A task without a dish goes with one it is linked to, as far as there is one.
  const group = tasks.map(({ dish, id }) => dish ?? `task ${id}`);
  for (const { from, to } of links) {
    const [a, b] = [nodeOf.get(from)!, nodeOf.get(to)!];
    if (a >= tasks.length || b >= tasks.length) continue;
    const [loose, kept] = tasks[a]!.dish === undefined ? [group[a]!, group[b]!] : [group[b]!, group[a]!];
    if (tasks[a]!.dish !== undefined && tasks[b]!.dish !== undefined) continue;
    group.forEach((name, index) => {
      if (name === loose) group[index] = kept;
    });
  }
  return group.map(numbered);
}
