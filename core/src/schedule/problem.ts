import { z } from 'zod';

/** The one moment all dishes share. */
export const SERVE = 'serve';

const minute = z.int();
const maybe = minute.nullish().transform((given) => given ?? null);
const span = z
  .tuple([minute, minute])
  .refine(([from, to]) => from < to, { error: 'has to begin before it ends' });

const cook = z.strictObject({
  id: z.string().min(1),
  /** When at home and awake, half-open. */
  free: z.array(span),
});

const place = z.strictObject({
  id: z.string().min(1),
  capacity: z.int().nonnegative(),
  /** Between two heats that do not agree. */
  changeMin: z.int().nonnegative().default(0),
});

/** The heats something bears, both ends included. */
const celsius = z
  .tuple([z.number(), z.number()])
  .refine(([low, high]) => low <= high, { error: 'has to go from the lower to the higher' });

/** Another way to do a task; what it does not say is as the task says. */
const option = z.strictObject({
  /** Options of one name within a dish are taken together: the other oven is hot for what goes into it. */
  way: z.string().min(1).optional(),
  place: z.string().optional(),
  units: z.int().nonnegative().optional(),
  minutes: z.int().nonnegative().optional(),
  celsius: celsius.optional(),
  hands: z.array(span).optional(),
  present: z.boolean().optional(),
  /** Added to the cost where it is taken. */
  cost: z.number().nonnegative().default(0),
});

const task = z
  .strictObject({
    id: z.string().min(1),
    dish: z.string().min(1).optional(),
    minutes: z.int().nonnegative(),
    place: z.string().optional(),
    units: z.int().nonnegative().default(1),
    celsius: celsius.optional(),
    /** When one cook is busy, from its start, half-open. */
    hands: z.array(span).default([]),
    /** The cooks whose hands these may be; anybody's where nobody is named. */
    by: z.array(z.string()).min(1).optional(),
    /** Somebody has to be home and awake all through. */
    present: z.boolean().default(false),
    notBefore: maybe,
    notAfter: maybe,
    options: z.array(option).default([]),
  })
  .superRefine((task, context) => {
    [task, ...task.options].forEach(({ hands = task.hands, minutes = task.minutes }, index) => {
      if (hands.every(([from, to]) => from >= 0 && to <= minutes)) return;
      const path = index === 0 ? ['hands'] : ['options', index - 1, 'hands'];
      context.addIssue({ code: 'custom', path, message: 'has hands beyond its minutes' });
    });
  })
  .transform((task) => {
    const { place, units, minutes, celsius, hands, present } = task;
    const usual = { place, units, minutes, celsius, hands, present };
    return { ...task, options: task.options.map((option) => ({ ...usual, ...option })) };
  });

const link = z
  .strictObject({
    from: z.string(),
    to: z.string(),
    min: minute.default(0),
    max: maybe,
    weight: z.number().nonnegative().default(0),
    /** Counted from the start of the first task, instead of its end. */
    of: z.enum(['start', 'end']).default('end'),
    /** Its most is a rule: no change that is offered for help makes it longer. */
    firm: z.boolean().default(false),
    /** What the waiting itself takes of a place: a warm oven, a shelf of the refrigerator. */
    hold: z
      .strictObject({
        place: z.string(),
        units: z.int().nonnegative().default(1),
        celsius: celsius.optional(),
      })
      .optional(),
  })
  .refine(({ min, max }) => max === null || min <= max, {
    error: 'has a least above its most',
    path: ['max'],
  });

/** What is served so many minutes after the rest. */
const course = z.strictObject({ id: z.string().min(1), after: z.int().nonnegative() });

/** One task done before another begins, if dinner is no later for it and little more is waited: no constraint. */
const wish = z.strictObject({ first: z.string(), then: z.string() });

/** Every group of cooks who alone may do something is counted by itself; with more of them named there would be too many. */
const MOST_NAMED = 8;

const problem = z
  .strictObject({
    horizon: z.int().nonnegative(),
    serveAt: z.int().nonnegative(),
    cooks: z.array(cook).default([]),
    places: z.array(place).default([]),
    tasks: z.array(task),
    links: z.array(link).default([]),
    /** Links name them as they name a task. */
    courses: z.array(course).default([]),
    wishes: z.array(wish).default([]),
  })
  .superRefine(({ cooks, places, tasks, links, courses, wishes, horizon, serveAt }, context) => {
    const complain = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    if (serveAt > horizon) complain(['serveAt'], 'lies beyond the horizon');
    const unique = (what: string, all: readonly { readonly id: string }[], taken: Iterable<string> = []) => {
      const seen = new Set(taken);
      all.forEach(({ id }, index) => {
        if (seen.has(id)) complain([what, index, 'id'], `“${id}” is there twice`);
        seen.add(id);
      });
      return seen;
    };
    const known = {
      cook: unique('cooks', cooks),
      place: unique('places', places),
      task: unique('courses', courses, unique('tasks', tasks, [SERVE])),
    };
    const knows = (what: keyof typeof known, id: string | undefined, path: (string | number)[]) =>
      id === undefined || known[what].has(id) || complain(path, `there is no ${what} “${id}”`);
    tasks.forEach(({ place, by = [], options }, index) => {
      knows('place', place, ['tasks', index, 'place']);
      by.forEach((cook, nth) => knows('cook', cook, ['tasks', index, 'by', nth]));
      options.forEach((each, nth) => knows('place', each.place, ['tasks', index, 'options', nth, 'place']));
    });
    if (new Set(tasks.flatMap(({ by = [] }) => by)).size > MOST_NAMED)
      complain(['tasks'], `no more than ${MOST_NAMED} cooks can be named to do something`);
    wishes.forEach(({ first, then }, index) => {
      for (const [key, id] of Object.entries({ first, then }))
        if (!tasks.some((task) => task.id === id))
          complain(['wishes', index, key], `there is no task “${id}”`);
    });
    links.forEach(({ from, to, hold }, index) => {
      knows('task', from, ['links', index, 'from']);
      knows('task', to, ['links', index, 'to']);
      knows('place', hold?.place, ['links', index, 'hold', 'place']);
    });
  })
  // A course is something to do that takes no time, and comes when it does after all is served.
  .transform(({ courses, ...problem }) => ({
    ...problem,
    tasks: [...problem.tasks, ...courses.map(({ id }) => task.parse({ id, minutes: 0 }))],
    links: [
      ...problem.links,
      ...courses.map(({ id, after }) => link.parse({ from: SERVE, to: id, min: after, max: after })),
    ],
  }));

/** A problem as it is written; absent fields have their usual value. Times are whole minutes from the moment of planning. */
export type ProblemJson = z.input<typeof problem>;
export type Problem = z.output<typeof problem>;
export type Task = Problem['tasks'][number];
export type Link = Problem['links'][number];
export type Hold = NonNullable<Link['hold']>;

/** A problem that says something impossible of itself; the message names where, and what. */
export class UnreadableProblem extends Error {}

/**
 * Reads a problem.
 *
 * @throws UnreadableProblem with one sentence for the first thing that is wrong
 */
export function readProblem(json: unknown): Problem {
  const parsed = problem.safeParse(json);
  if (parsed.success) return parsed.data;
  const { path, message } = parsed.error.issues[0]!;
  throw new UnreadableProblem(`${path.length ? `${path.join('.')}: ` : ''}${message}`);
}

/** When everything is served, and when each task starts. */
export interface Schedule {
  readonly serveAt: number;
  readonly startAt: Readonly<Record<string, number>>;
  /** Of tasks that are done another way than they say: which of their options was taken, from 0 on. */
  readonly chosen?: Readonly<Record<string, number>>;
}

/** A problem whose tasks are done as was chosen, and have no choice any more. */
export const asChosen = (problem: Problem, chosen: Schedule['chosen'] = {}): Problem => ({
  ...problem,
  tasks: problem.tasks.map((task) => {
    const { place, units, minutes, celsius, hands, present } = task.options[chosen[task.id] ?? -1] ?? task;
    return { ...task, place, units, minutes, celsius, hands, present, options: [] };
  }),
});

/** 1000 for each minute dinner is late, what each link says its waiting costs, and each option that was taken. */
export function costOf(problem: Problem, { serveAt, startAt, chosen = {} }: Schedule): number {
  const minutes = new Map(asChosen(problem, chosen).tasks.map((task) => [task.id, task.minutes]));
  const start = (id: string) => (id === SERVE ? serveAt : startAt[id]!);
  const late = LATE_PER_MINUTE * (serveAt - problem.serveAt);
  const options = problem.tasks.reduce(
    (sum, { id, options }) => sum + (options[chosen[id] ?? -1]?.cost ?? 0),
    late,
  );
  return problem.links.reduce((sum, { from, to, min, weight, of }) => {
    const left = start(from) + (of === 'end' ? (minutes.get(from) ?? 0) : 0);
    return sum + weight * (start(to) - left - min);
  }, options);
}

export const LATE_PER_MINUTE = 1000;
