import type { Problem } from './problem';

/**
 * A group of cooks of whose hands some are asked by name, and how many of them are free at each step. There are hands for all that is
 * to be done at a step if and only if in each crew no more is bound to it than it has free cooks (the marriage theorem, as long as
 * with any two crews there is the one of both).
 */
export interface Crew {
  readonly cooks: ReadonlySet<string>;
  readonly free: Int16Array;
}

/**
 * All cooks first, then each group that is named, and the groups that come together of these.
 *
 * @param step length of a step, min
 * @param horizon steps there are
 */
export function crewsOf({ cooks, tasks }: Problem, step: number, horizon: number): Crew[] {
  const everyone = cooks.map(({ id }) => id);
  const groups = new Map([[keyOf(everyone), everyone]]);
  for (const { by } of tasks) {
    if (!by) continue;
    for (const other of [[], ...groups.values()]) {
      const both = everyone.filter((id) => by.includes(id) || other.includes(id));
      groups.set(keyOf(both), both);
    }
  }
  return [...groups.values()].map((group) => ({
    cooks: new Set(group),
    free: freeOf(
      cooks.filter(({ id }) => group.includes(id)),
      step,
      horizon,
    ),
  }));
}

const keyOf = (group: readonly string[]): string => JSON.stringify(group);

function freeOf(cooks: Problem['cooks'], step: number, horizon: number): Int16Array {
  const free = new Int16Array(horizon + 1);
  for (const { free: spans } of cooks)
    for (let at = 0; at < horizon; at++)
      if (spans.some(([from, to]) => from <= at * step && at * step < to)) free[at]! += 1;
  return free;
}

/** The crews in which a task's hands are counted, by their numbers: those that have all who may do it. */
export const crewsFor = (by: readonly string[] | undefined, crews: readonly Crew[]): number[] =>
  crews.flatMap(({ cooks }, index) => (index === 0 || by?.every((id) => cooks.has(id)) ? [index] : []));
