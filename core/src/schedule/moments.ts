import { chances } from '../chance';
import { gridOf, type Grid } from './grid';
import type { Problem } from './problem';
import { build, fits } from './search';

/** The moments that the links leave for serving. */
export const window = ({ apart, origin, serve, nodes }: Grid): readonly [from: number, to: number] => [
  apart[origin * nodes + serve]!,
  -apart[serve * nodes + origin]!,
];

/** Before this moment some dish does not even fit by itself; later than the window, where it never does. */
export function earliestOf(grid: Grid, never: Never, chance: () => number): number {
  const [from, to] = window(grid);
  return grid.dishes.reduce(
    (at, nodes) =>
      at > to || fits(grid, nodes, at, chance)
        ? at
        : never.fits(nodes)
          ? firstFrom(at + 1, to, (moment) => fits(grid, nodes, moment, chance))
          : to + 1,
    from,
  );
}

export const pairsOf = ({ dishes }: Grid): number[][] =>
  dishes.flatMap((one, index) => dishes.slice(0, index).map((other) => [...one, ...other]));

export interface Never {
  /** Whether some tasks may fit at some moment. */
  fits(nodes: readonly number[]): boolean;
  fitsAll(): boolean;
}

/**
 * What can be placed at no moment, told by one look: all cooks are always there, no task is bound to a time, and there is room on
 * either side of the table. Only what does not even fit then is proven never to.
 */
export function neverOf(problem: Problem, seed: number): Never {
  const horizon = 2 * problem.horizon;
  let laid: Grid | null = null;
  const timeless = () =>
    (laid ??= gridOf({
      ...problem,
      horizon,
      serveAt: problem.horizon,
      cooks: problem.cooks.map((cook) => ({ ...cook, free: [[0, horizon]] })),
      tasks: problem.tasks.map((task) => ({ ...task, notBefore: null, notAfter: null })),
    }));
  const chance = chances(seed);
  const fitsIn = (nodes: readonly number[]) => fits(timeless(), nodes, timeless().serveAt, chance);
  return {
    fits: fitsIn,
    fitsAll: () =>
      pairsOf(timeless()).every(fitsIn) && build(timeless(), timeless().serveAt, chance) !== 'none',
  };
}

export function firstFrom(from: number, to: number, holds: (at: number) => boolean): number {
  for (let at = from; at <= to; at++) if (holds(at)) return at;
  return to + 1;
}
