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

const task = z
  .strictObject({
    id: z.string().min(1),
    dish: z.string().min(1).optional(),
    minutes: z.int().nonnegative(),
    place: z.string().optional(),
    units: z.int().nonnegative().default(1),
    /** The heats it bears, both ends included. */
    celsius: z
      .tuple([z.number(), z.number()])
      .refine(([low, high]) => low <= high, { error: 'has to go from the lower to the higher' })
      .optional(),
    /** When one cook is busy, from its start, half-open. */
    hands: z.array(span).default([]),
    /** Somebody has to be home and awake all through. */
    present: z.boolean().default(false),
    notBefore: maybe,
    notAfter: maybe,
  })
  .refine(({ hands, minutes }) => hands.every(([from, to]) => from >= 0 && to <= minutes), {
    error: 'has hands beyond its minutes',
    path: ['hands'],
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
  })
  .refine(({ min, max }) => max === null || min <= max, {
    error: 'has a least above its most',
    path: ['max'],
  });

const problem = z
  .strictObject({
    horizon: z.int().nonnegative(),
    serveAt: z.int().nonnegative(),
    cooks: z.array(cook).default([]),
    places: z.array(place).default([]),
    tasks: z.array(task),
    links: z.array(link).default([]),
  })
  .superRefine(({ cooks, places, tasks, links, horizon, serveAt }, context) => {
    const complain = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    if (serveAt > horizon) complain(['serveAt'], 'lies beyond the horizon');
    for (const [what, all] of Object.entries({ cooks, places, tasks })) {
      const seen = new Set<string>(what === 'tasks' ? [SERVE] : []);
      all.forEach(({ id }, index) => {
        if (seen.has(id)) complain([what, index, 'id'], `“${id}” is there twice`);
        seen.add(id);
      });
    }
    const known = new Set([SERVE, ...tasks.map(({ id }) => id)]);
    const placed = new Set(places.map(({ id }) => id));
    tasks.forEach(({ place }, index) => {
      if (place !== undefined && !placed.has(place))
        complain(['tasks', index, 'place'], `there is no place “${place}”`);
    });
    links.forEach((each, index) => {
      for (const end of ['from', 'to'] as const)
        if (!known.has(each[end])) complain(['links', index, end], `there is no task “${each[end]}”`);
    });
  });

/** A problem as it is written; absent fields have their usual value. Times are whole minutes from the moment of planning. */
export type ProblemJson = z.input<typeof problem>;
export type Problem = z.output<typeof problem>;
export type Task = Problem['tasks'][number];
export type Link = Problem['links'][number];

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
}

/** 1000 for each minute dinner is late, and what each link says its waiting costs. */
export function costOf({ serveAt, tasks, links }: Problem, schedule: Schedule): number {
  const minutes = new Map(tasks.map((task) => [task.id, task.minutes]));
  const start = (id: string) => (id === SERVE ? schedule.serveAt : schedule.startAt[id]!);
  return links.reduce(
    (sum, { from, to, min, weight, of }) => {
      const left = start(from) + (of === 'end' ? (minutes.get(from) ?? 0) : 0);
      return sum + weight * (start(to) - left - min);
    },
    LATE_PER_MINUTE * (schedule.serveAt - serveAt),
  );
}

export const LATE_PER_MINUTE = 1000;
