import { stepOf } from './grid';
import { SERVE, type Link, type Problem } from './problem';

/** A change that was tried, and with which there is a schedule. */
export type Help =
  | { readonly kind: 'wait'; readonly from: string; readonly to: string; readonly minutes: number }
  | { readonly kind: 'home'; readonly cook: string }
  | { readonly kind: 'room'; readonly place: string; readonly units: number }
  | { readonly kind: 'without'; readonly dish: string };

/** Why there is no schedule: facts of which none can be left out, as ids and as sentences. */
export interface Conflict {
  readonly tasks: readonly string[];
  readonly places: readonly string[];
  readonly cooks: readonly string[];
  readonly because: readonly string[];
  /** The nearest change that helps; none where nothing that was tried did. */
  readonly help: Help | null;
}

/** Says whether a problem has a schedule; null where it cannot tell. */
type Feasible = (problem: Problem) => boolean | null;

interface Facts {
  readonly tasks: ReadonlySet<string>;
  readonly places: ReadonlySet<string>;
  readonly cooks: ReadonlySet<string>;
}

/** The problem of some facts alone: other tasks are not there, other places have room for all, other cooks are always free. */
function only(problem: Problem, { tasks, places, cooks }: Facts): Problem {
  const inPlace = <T extends { readonly place?: string }>(one: T): T =>
    one.place === undefined || places.has(one.place) ? one : { ...one, place: undefined };
  return {
    ...problem,
    tasks: problem.tasks
      .filter(({ id }) => tasks.has(id))
      .map((task) => ({ ...inPlace(task), options: task.options.map(inPlace) })),
    links: problem.links
      .filter(({ from, to }) => ends(from, to, tasks))
      .map((link) => (link.hold && !places.has(link.hold.place) ? { ...link, hold: undefined } : link)),
    places: problem.places.filter(({ id }) => places.has(id)),
    cooks: [
      ...problem.cooks.filter(({ id }) => cooks.has(id)),
      ...problem.cooks
        .filter(({ id }) => !cooks.has(id))
        .map((cook) => ({ ...cook, free: [[0, problem.horizon] as [number, number]] })),
    ],
  };
}

/**
 * Finds facts without any one of which there would be a schedule, and the nearest change that makes one.
 *
 * @param problem that has none
 */
export function conflictOf(problem: Problem, feasible: Feasible): Conflict {
  let facts: Facts = {
    tasks: new Set(problem.tasks.map(({ id }) => id)),
    places: new Set(problem.places.map(({ id }) => id)),
    cooks: new Set(problem.cooks.map(({ id }) => id)),
  };
  // What is left out stays left out when there is no schedule without it either.
  const leaveOut = (kind: keyof Facts, ids: readonly string[]) => {
    const fewer = { ...facts, [kind]: new Set([...facts[kind]].filter((id) => !ids.includes(id))) };
    if (feasible(only(problem, fewer)) === false) facts = fewer;
  };
  const dishOf = ({ dish, id }: Problem['tasks'][number]) => dish ?? id;
  for (const dish of new Set(problem.tasks.map(dishOf)))
    leaveOut(
      'tasks',
      problem.tasks.filter((task) => dishOf(task) === dish).map(({ id }) => id),
    );
  for (const id of facts.cooks) leaveOut('cooks', [id]);
  for (const id of facts.places) leaveOut('places', [id]);
  for (const id of facts.tasks) leaveOut('tasks', [id]);
  return {
    tasks: [...facts.tasks],
    places: [...facts.places],
    cooks: [...facts.cooks],
    because: sentencesOf(problem, facts),
    help: helpFor(problem, facts, feasible),
  };
}

function sentencesOf(problem: Problem, { tasks, places, cooks }: Facts): string[] {
  const inIt = problem.tasks.filter(({ id }) => tasks.has(id));
  return [
    ...problem.places
      .filter(({ id }) => places.has(id))
      .map(({ id, capacity }) => {
        const there = inIt.filter((task) => [task, ...task.options].some(({ place }) => place === id));
        const heats = there.flatMap(({ id: task, celsius }) =>
          celsius ? [`${task} at ${celsius[0] === celsius[1] ? celsius[0] : celsius.join('–')} °C`] : [],
        );
        const what = heats.length === there.length ? heats : there.map(({ id: task }) => task);
        const waiting = problem.links
          .filter(({ from, to, hold }) => hold?.place === id && ends(from, to, tasks))
          .map(({ from, to }) => `what waits from ${from} to ${to}`);
        return `${id} has room for ${capacity}: ${[...what, ...waiting].join(', ')}`;
      }),
    ...problem.cooks
      .filter(({ id }) => cooks.has(id))
      .map(({ id, free }) =>
        free.length
          ? `${id} is free only from ${free.map(([from, to]) => `${from} to ${to}`).join(', ')} min`
          : `${id} is never free`,
      ),
    ...inIt
      .filter(({ by, hands }) => by && hands.length)
      .map(({ id, by }) => `only ${by!.join(' or ')} may do ${id}`),
    ...problem.links
      .filter(({ from, to, max }) => max !== null && ends(from, to, tasks))
      .map(({ from, to, max }) => `${to} has to come within ${max} min of ${from}`),
  ];
}

const ends = (from: string, to: string, tasks: ReadonlySet<string>): boolean =>
  [from, to].every((id) => id === SERVE || tasks.has(id));

/** The most that anything takes of a place at once. */
const mostUnitsAt = ({ tasks, links }: Problem, place: string): number =>
  Math.max(
    1,
    ...tasks
      .flatMap((task) => [task, ...task.options])
      .map((each) => (each.place === place ? each.units : 0)),
    ...links.map(({ hold }) => (hold?.place === place ? hold.units : 0)),
  );

/** The least from one to a most that will do; null where the most does not. */
const leastThat = (most: number, will: (n: number) => boolean): number | null =>
  will(1) ? 1 : most > 1 && will(most) ? between(1, most, will) : null;

/** The least that will do, where one will not and one will. */
function between(not: number, will: number, does: (n: number) => boolean): number {
  let [below, enough] = [not, will];
  while (enough - below > 1) {
    const middle = (below + enough) >> 1;
    if (does(middle)) enough = middle;
    else below = middle;
  }
  return enough;
}

/** How much longer something may wait, tried from the least, in steps of the problem's own grid. */
const LONGER = [1, 2, 3, 4, 5, 6, 7, 8, 10, 12, 15, 18, 24, 30, 36, 48, 60, 75, 90, 120, 180];

/** The change that asks least of the cook and with which there is a schedule of everything. */
function helpFor(problem: Problem, facts: Facts, feasible: Feasible): Help | null {
  const helps = (changed: Problem) => feasible(changed) === true;
  const waits = problem.links.filter(
    ({ from, to, max, firm }) => max !== null && !firm && ends(from, to, facts.tasks),
  );
  const step = stepOf(problem);
  const waiting = (link: Link, steps: number) => ({
    ...problem,
    links: problem.links.map((each) => (each === link ? { ...each, max: each.max! + steps * step } : each)),
  });
  for (const [index, steps] of LONGER.entries())
    for (const link of waits) {
      if (!helps(waiting(link, steps))) continue;
      // No more is asked than is needed: between the last that did not do and this.
      const enough = between(LONGER[index - 1] ?? 0, steps, (middle) => helps(waiting(link, middle)));
      return { kind: 'wait', from: link.from, to: link.to, minutes: enough * step };
    }
  for (const cook of problem.cooks.filter(({ id }) => facts.cooks.has(id))) {
    const free: [number, number][] = [[0, problem.horizon]];
    const cooks = problem.cooks.map((each) => (each === cook ? { ...each, free } : each));
    if (helps({ ...problem, cooks })) return { kind: 'home', cook: cook.id };
  }
  for (const place of problem.places.filter(({ id }) => facts.places.has(id))) {
    const units = leastThat(mostUnitsAt(problem, place.id), (more) => {
      const places = problem.places.map((each) =>
        each === place ? { ...each, capacity: each.capacity + more } : each,
      );
      return helps({ ...problem, places });
    });
    if (units !== null) return { kind: 'room', place: place.id, units };
  }
  for (const dish of new Set(
    problem.tasks.filter(({ id }) => facts.tasks.has(id)).flatMap((task) => task.dish ?? []),
  )) {
    const tasks = new Set(problem.tasks.filter((task) => task.dish !== dish).map(({ id }) => id));
    const rest = { ...problem, tasks: problem.tasks.filter(({ id }) => tasks.has(id)) };
    if (helps({ ...rest, links: problem.links.filter(({ from, to }) => ends(from, to, tasks)) }))
      return { kind: 'without', dish };
  }
  return null;
}
