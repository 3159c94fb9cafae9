import type { Grid } from './grid';
import type { Placing } from './placing';
import { costOf, type Problem, type Schedule } from './problem';

/** A schedule with what it costs. */
export type Costed = Schedule & { readonly cost: number };

/** Where each task stood in steps of the grid, or -1. */
export const stoodAt = ({ tasks }: Problem, { step }: Grid, { startAt }: Schedule): number[] =>
  tasks.map(({ id }) => {
    const minute = startAt[id];
    return minute === undefined || minute % step ? -1 : minute / step;
  });

/** What was placed, in minutes and with what it costs. */
export function scheduleOf(problem: Problem, { step, serve }: Grid, { starts }: Placing): Costed {
  const schedule = {
    serveAt: starts[serve]! * step,
    startAt: Object.fromEntries(problem.tasks.map(({ id }, node) => [id, starts[node]! * step])),
  };
  return { ...schedule, cost: costOf(problem, schedule) };
}
