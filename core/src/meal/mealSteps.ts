import type { PlacedTask, PlannedDish } from '../record';
import type { Interval } from '../time';
import type { FoodState, MealState } from '../trail';
import { MINUTE_MS } from '../units';
import type { Cook } from './kitchen';
import { standOf, TABLE } from './stand';
import { whoDoes, type Doing } from './whoDoes';

/** Of what is due at one moment, in the order it is done: room is made before it is taken. */
export const mealStepKinds = [
  'off',
  'water',
  'turn',
  'stir',
  'read',
  'feelForIce',
  'washSink',
  'marinate',
  'thaw',
  'ovenOn',
  'prepare',
  'on',
  'finish',
  'serve',
  'putAway',
] as const;
export type MealStepKind = (typeof mealStepKinds)[number];

/** One thing a cook does for a meal. */
export interface MealStep {
  /** Its own within the meal. */
  readonly id: string;
  readonly kind: MealStepKind;
  /** Null where it is of all dishes. */
  readonly dish: PlannedDish | null;
  readonly task: PlacedTask | null;
  readonly at: number;
  /** How long hands are busy with it. */
  readonly busyMs: number;
  readonly doneAt: number | null;
  /** What its oven is set to: what all bear that are in it together, °C. */
  readonly celsius: readonly [low: number, high: number] | null;
  /** Who does it, by the id of the cook; nobody where no hands are needed, or nobody is there. */
  readonly cook: string | null;
}

/** A meal as it goes on: its steps in order, and who is busy when. */
export interface MealLine {
  readonly steps: readonly MealStep[];
  readonly doing: readonly Doing[];
  /** Stretches before the table in which nobody has anything to do. */
  readonly free: readonly Interval[];
  readonly serveAt: number;
  readonly lateMs: number;
  readonly over: boolean;
}

/** What nobody ticks: it is done along the way, and holds nothing else up. */
export const isAlongTheWay = ({ kind }: Pick<MealStep, 'kind'>): boolean =>
  kind === 'stir' || kind === 'turn';

/** Shorter pauses are no time of one's own. */
const FREE_AT_LEAST_MS = 15 * MINUTE_MS;

/**
 * The line of a meal that was scheduled: every task as what a cook does for it, done ones by what happened.
 *
 * @param foods those of its dishes that are in the stores
 * @returns null for a meal without a schedule
 */
export function mealLine(
  meal: MealState,
  foods: readonly FoodState[],
  cooks: readonly Cook[],
): MealLine | null {
  const { wanted, schedule } = meal;
  if (!schedule) return null;
  const stand = standOf(meal, foods);
  const doing = whoDoes(schedule.tasks, cooks);
  const food = (dish: PlannedDish) => foods.find(({ foodId }) => foodId === dish.foodId);
  const steps: MealStep[] = [];
  for (const task of schedule.tasks) {
    const dish = wanted.dishes.find(({ id }) => id === task.dish);
    if (!dish) continue;
    const { begunAt = null, doneAt = null } = stand.tasks.get(task.id) ?? {};
    const start = begunAt ?? task.startAt;
    const end = doneAt ?? start + task.minutes * MINUTE_MS;
    const add = (kind: MealStepKind, offset: number, at: number, done: number | null) => {
      const hands = doing.find(
        (each) => each.task === task.id && each.fromMinute <= offset && offset < each.toMinute,
      );
      steps.push({
        id: `${task.id}.${kind}.${offset}`,
        kind,
        dish,
        task,
        at,
        busyMs: hands ? hands.to - hands.from : 0,
        doneAt: done,
        celsius: sharedHeat(task, schedule.tasks),
        cook: hands?.cook ?? null,
      });
    };
    const last = Math.max(0, task.minutes - 1);
    const marks = task.marks.map(({ at: offset, what }, index) => ({
      offset,
      what,
      at: start + offset * MINUTE_MS,
      done: doneAt ?? markDone(what, index, task, food(dish)),
    }));
    const begun = begunAt ?? doneAt;
    // An oven that is on for another dish at a heat both bear needs no more.
    if (task.kind === 'ovenOn' && begun === null && isHot(task, schedule.tasks)) continue;
    switch (task.kind) {
      case 'thaw':
        add('thaw', 0, start, begun);
        for (const { offset, what, at, done } of marks) add(what, offset, at, done);
        add('feelForIce', last, end, doneAt);
        break;
      case 'cook':
      case 'reheat':
        add('on', 0, start, begun);
        for (const { offset, what, at, done } of marks) add(what, offset, at, done);
        add('off', last, end, doneAt);
        break;
      case 'rest':
        break;
      default:
        add(task.kind, 0, start, begun);
    }
  }
  const serveAt = stand.servedAt ?? schedule.serveAt;
  steps.push({
    id: TABLE,
    kind: 'serve',
    dish: null,
    task: null,
    at: serveAt,
    busyMs: 0,
    doneAt: stand.servedAt,
    celsius: null,
    cook: null,
  });
  steps.sort((a, b) => a.at - b.at || ORDER.get(a.kind)! - ORDER.get(b.kind)!);
  return {
    steps,
    doing,
    free: freeBetween(steps, doing, serveAt),
    serveAt,
    lateMs: Math.max(0, serveAt - wanted.serveAt),
    over: steps.every((step) => step.doneAt !== null || isAlongTheWay(step)),
  };
}

/** Whether an oven is on already as a task begins, at a heat both bear. */
const isHot = (task: PlacedTask, tasks: readonly PlacedTask[]): boolean =>
  tasks.some(
    (other) =>
      other.id !== task.id &&
      other.place === task.place &&
      other.dish !== task.dish &&
      agree(other.celsius, task.celsius) &&
      (other.startAt < task.startAt || (other.startAt === task.startAt && other.id < task.id)) &&
      task.startAt < endOf(other),
  );

const agree = (a: PlacedTask['celsius'], b: PlacedTask['celsius']): boolean =>
  a !== undefined && b !== undefined && a[0] <= b[1] && b[0] <= a[1];

const endOf = ({ startAt, minutes }: PlacedTask): number => startAt + minutes * MINUTE_MS;

/** What all dishes bear that are in the oven together with one, °C; null where it minds no heat. */
export function sharedHeat(
  task: PlacedTask,
  tasks: readonly PlacedTask[],
): readonly [low: number, high: number] | null {
  if (!task.celsius) return null;
  // An oven that is heating up is meant for what goes in then.
  const inIt =
    task.kind === 'ovenOn'
      ? (tasks.find(({ dish, kind }) => dish === task.dish && (kind === 'cook' || kind === 'reheat')) ?? task)
      : task;
  return tasks
    .filter(
      (other) =>
        other.place === task.place &&
        agree(other.celsius, task.celsius) &&
        other.startAt < endOf(inIt) &&
        inIt.startAt < endOf(other),
    )
    .reduce<readonly [number, number]>(
      ([low, high], { celsius }) => [Math.max(low, celsius![0]), Math.min(high, celsius![1])],
      [task.celsius[0], task.celsius[1]],
    );
}

const ORDER = new Map(mealStepKinds.map((kind, index) => [kind, index]));

/** Whether what is done while a task runs shows in its food. */
function markDone(
  what: PlacedTask['marks'][number]['what'],
  index: number,
  { marks }: PlacedTask,
  food: FoodState | undefined,
): number | null {
  if (what === 'water') {
    const nth = marks.slice(0, index + 1).filter((mark) => mark.what === 'water').length;
    return food?.thaw && food.thaw.changes >= nth ? food.thaw.lastChangeAt : null;
  }
  if (what === 'read') return food?.cook?.readings.at(-1)?.at ?? null;
  return null;
}

/** Where nobody is busy long enough between the first thing to do and the table. */
function freeBetween(steps: readonly MealStep[], doing: readonly Doing[], serveAt: number): Interval[] {
  const first = steps[0]?.at ?? serveAt;
  const busy = [...doing].sort((a, b) => a.from - b.from);
  const free: Interval[] = [];
  let from = first;
  for (const each of busy) {
    if (each.from >= serveAt) break;
    if (each.from - from >= FREE_AT_LEAST_MS) free.push({ from, to: each.from });
    from = Math.max(from, each.to);
  }
  if (serveAt - from >= FREE_AT_LEAST_MS) free.push({ from, to: serveAt });
  return free;
}
