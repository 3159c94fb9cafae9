import type { MealStand, Stand } from '../meal';
import { SERVE, type ProblemJson } from '../schedule';
import { MINUTE_MS } from '../units';
import type { TaskKind } from '../record';
import { toTable, type MealTask } from './template';

type TaskJson = ProblemJson['tasks'][number];
type LinkJson = NonNullable<ProblemJson['links']>[number];

/** The moment of planning, for what of a dish hangs on something that is past. */
export const nowOf = (dish: string): string => `${dish}.now`;

/** These take as long as they take; how long the others take shows when they are done. */
const BY_THE_CLOCK: ReadonlySet<TaskKind> = new Set([
  'washSink',
  'marinate',
  'prepare',
  'ovenOn',
  'rest',
  'finish',
  'putAway',
]);

/** When a task was begun and over, in whole minutes from now: past is below nothing. */
interface Past {
  readonly begun: number;
  /** Null while it runs. */
  readonly over: number | null;
}

/**
 * What is left of a meal's problem: what is done is gone, what runs stays where it is, and what hangs on either hangs on when that
 * was. A limit that has passed already is left out: it can be kept by no schedule, and the food's ruling tells of it.
 */
export function asItStands(
  problem: ProblemJson,
  tasks: ReadonlyMap<string, MealTask>,
  stand: MealStand,
  now: number,
): ProblemJson {
  const minute = (at: number) => Math.floor((at - now) / MINUTE_MS);
  const pasts = new Map<string, Past>();
  for (const [id, task] of tasks) {
    const known = stand.tasks.get(id);
    if (known) pasts.set(id, pastOf(known, task, minute));
  }
  if (stand.servedAt !== null) {
    const at = minute(stand.servedAt);
    pasts.set(SERVE, { begun: at, over: at });
    for (const { id, after } of problem.courses ?? []) pasts.set(id, { begun: at + after, over: at + after });
  }
  if (pasts.size === 0) return problem;
  const left = problem.tasks.flatMap((task) => leftOf(task, pasts.get(task.id)) ?? []);
  const links = (problem.links ?? []).flatMap((link) => hangingOn(link, pasts, tasks));
  const dishes = [...new Set([...tasks.values()].map(({ dish }) => dish))];
  const anchors = dishes.map((dish) => ({ id: nowOf(dish), dish, minutes: 0, notBefore: 0, notAfter: 0 }));
  const toCome = new Set(left.map(({ id }) => id));
  const wishes = problem.wishes?.filter(({ first, then }) => toCome.has(first) && toCome.has(then));
  return { ...problem, tasks: [...anchors, ...left], links, wishes };
}

function pastOf(
  { begunAt, doneAt }: Stand,
  { kind, minutes }: MealTask,
  minute: (at: number) => number,
): Past {
  const over = doneAt === null ? null : minute(doneAt);
  const begun = begunAt === null ? over! - minutes : minute(begunAt);
  // What goes by the clock is over when its time is, whoever looks.
  if (over === null && BY_THE_CLOCK.has(kind) && begun + minutes <= 0)
    return { begun, over: begun + minutes };
  return { begun, over };
}

/** The rest of a task that runs, from now on; nothing of one that is done; all of one that is to come. */
function leftOf(task: TaskJson, past: Past | undefined): TaskJson | null {
  if (!past) return task;
  if (past.over !== null) return null;
  const gone = -past.begun;
  const minutes = Math.max(0, task.minutes - gone);
  const hands = (task.hands ?? [])
    .map(([from, to]): [number, number] => [Math.max(0, from - gone), to - gone])
    .filter(([from, to]) => from < to);
  return { ...task, minutes, hands, notBefore: 0, notAfter: 0 };
}

function hangingOn(
  link: LinkJson,
  pasts: ReadonlyMap<string, Past>,
  tasks: ReadonlyMap<string, MealTask>,
): LinkJson[] {
  if (pasts.has(link.to)) return [];
  const past = pasts.get(link.from);
  if (!past) return [link];
  const { min = 0 } = link;
  const from = tasks.get(link.from);
  // What is on the heat or ready waits for the table as long as it has to, as an oven does that is on; only a rule says no longer.
  const waits = !link.firm && (toTable(link) || from?.kind === 'ovenOn');
  const max = waits ? null : (link.max ?? null);
  const fromStart = link.of === 'start';
  if (!fromStart && past.over === null) return [{ ...link, max }];
  const since = fromStart ? past.begun : past.over!;
  const most = max === null ? null : since + max;
  return [
    {
      ...link,
      of: 'end',
      from: nowOf((from ?? tasks.get(link.to))!.dish),
      min: Math.max(0, since + min),
      max: most === null || most < 0 ? null : Math.max(most, Math.max(0, since + min)),
    },
  ];
}
