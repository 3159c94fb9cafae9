import { foodById } from '../foods';
import type { Guidance, RuleSet } from '../guidance';
import { thawBand } from '../forecast';
import { judge } from '../judge';
import {
  asEaten,
  boundTo,
  kitchenFor,
  nextFive,
  rulesOfDish,
  SECOND_OVEN,
  standOf,
  type KitchenSettings,
  type MealStand,
  type Stand,
} from '../meal';
import { inMicrowave } from '../plan';
import type { MealPayload, PlacedTask, PlannedDish, TaskKind } from '../record';
import { readProblem, solve, type Help, type Schedule } from '../schedule';
import type { OnProgress } from '../thermal';
import type { FoodState, MealState } from '../trail';
import { MINUTE_MS, toCelsius, type UnitSystem } from '../units';
import { asItStands, nowOf } from './asItStands';
import { asRead } from './asRead';
import { conflictWords, type ConflictWords } from './conflictWords';
import { toTable, type MealTask } from './template';
import { LATEST_MS, mealProblem, type DishObstacle } from './mealProblem';
import { eatBy } from './eatBy';
import { isToBeLeft, leftOver } from './leftOver';
import { onFives } from './onFives';
import { dishOf } from './plannedDish';

/** All that a meal is planned from; plain values, so that a worker can be asked. */
export interface MealAsked {
  readonly wanted: MealPayload<'mealPlanned'>;
  /** The foods of its dishes that are in the stores, as they are ruled with the meals there are. */
  readonly foods: readonly FoodState[];
  readonly settings: KitchenSettings;
  readonly guidance: Guidance;
  readonly units: UnitSystem;
  readonly now: number;
  /** The other meals there are: some of it may be left over from them. */
  readonly others?: readonly MealState[];
  /** The meal as it stands, where it is planned anew. */
  readonly meal: MealState | null;
}

/** A task that is at another time than it was. */
export interface Moved {
  readonly task: string;
  readonly byMs: number;
  /** It has begun, and it is its end that moved. */
  readonly end?: true;
}

export type MealAnswer =
  | {
      readonly kind: 'scheduled';
      /** Its dishes, with what is known now of how they thaw. */
      readonly dishes: readonly PlannedDish[];
      readonly schedule: MealPayload<'mealScheduled'>;
      readonly moved: readonly Moved[];
    }
  | { readonly kind: 'obstacles'; readonly obstacles: readonly DishObstacle[] }
  | {
      readonly kind: 'conflict';
      readonly words: ConflictWords;
      readonly help: Help | null;
      /** The dish that would wait longer for the table, or be left out. */
      readonly helped: string | null;
    }
  /** Neither a schedule nor a reason was found. */
  | { readonly kind: 'undecided' };

/** A good schedule is found early; a phone is not kept busy for the last per mille. */
const ROUNDS = 1;
/** After so many tries the best so far is the answer, or that none was found: a usual meal takes a tenth of them. */
const MOST_TRIES = 1000;

interface PlanOptions {
  /** Told the share done. */
  readonly onProgress?: OnProgress;
  /** How long a cheaper schedule is looked for; none takes the first. */
  readonly rounds?: number;
  /** Of a meal that goes on: how many tries it is worth to look for an earlier schedule than the first that does. */
  readonly earlier?: number;
}

/**
 * Finds one schedule for a meal as it stands: nothing that was begun is moved, and as little as can be of what is to come.
 */
export function planMeal(
  asked: MealAsked,
  { onProgress, rounds = ROUNDS, earlier }: PlanOptions = {},
): MealAnswer {
  const { wanted, settings, guidance, units, meal } = asked;
  const foods = eatenFrom(asked);
  // Five minutes by the clock on the wall, so that nothing is to be done at 18:03.
  const now = nextFive(asked.now);
  const foodOf = new Map(foods.map((food) => [food.foodId, food]));
  const stored = ({ foodId }: PlannedDish) => (foodId ? (foodOf.get(foodId) ?? null) : null);
  const ruledBy = { guidance, table: settings.table };
  const rulesOf = (dish: PlannedDish): RuleSet => rulesOfDish(wanted, dish, stored(dish), ruledBy);
  const dishes = wanted.dishes.map((dish, index) =>
    thawing(
      dish,
      { rules: rulesOf(dish), microwaveW: settings.kitchen.microwaveW },
      onProgress && ((share) => onProgress((index + share) / (wanted.dishes.length + 1))),
    ),
  );
  const kitchen = kitchenFor(settings, now, Math.max(now, wanted.serveAt) + LATEST_MS);
  const table = { people: wanted.people, smallEaters: wanted.smallEaters, serveAt: wanted.serveAt };
  const unfit = unfitDishes({ ...asked, foods }, stored, rulesOf);
  if (unfit.length) return { kind: 'obstacles', obstacles: unfit };
  const whole = {
    table,
    kitchen,
    dishes: dishes.map((dish) => {
      const food = stored(dish);
      const left = isToBeLeft(dish, food) && leftOver(dish, food, hangingOn(asked), rulesOf(dish));
      if (left && 'from' in left) return dishOf(dish, food, left.until, left.from);
      return dishOf(
        asRead(dish, food, { rules: rulesOf(dish), ovens: kitchen.ovens }),
        food,
        (food && eatBy(food, rulesOf(dish), settings.zone)) ?? Infinity,
      );
    }),
  };
  const byId = new Map(wanted.dishes.map((dish) => [dish.id, rulesOf(dish)]));
  const made = mealProblem(whole, { rulesOf: (id) => byId.get(id)!, zone: settings.zone, now });
  if ('obstacles' in made) return { kind: 'obstacles', obstacles: made.obstacles };

  const minute = (at: number) => Math.round((at - now) / MINUTE_MS);
  const before = meal?.schedule ?? null;
  const stand = meal && standOf({ ...meal, wanted }, foods);
  const placed = new Map(before?.tasks.map((task) => [task.id, task]));
  const settled = new Map([...made.tasks].map(([id, task]) => [id, asSettled(task, placed, stand)]));
  const withPins = {
    ...made.problem,
    // What is planned is not moved again for its order.
    ...(before && { wishes: [] }),
    tasks: made.problem.tasks.map((task) => {
      const { place, options, by } = settled.get(task.id)!;
      const was = placed.get(task.id);
      const bound = boundTo({ by: by && [...by], who: was?.who });
      const at = was?.pinned ? minute(was.startAt) : -1;
      return {
        ...task,
        place,
        options,
        by: bound && [...bound],
        ...(at >= 0 && { notBefore: at, notAfter: at }),
      };
    }),
  };
  const problem = readProblem(stand ? onFives(asItStands(withPins, made.tasks, stand, now)) : withPins);
  let tries = 0;
  const solved = solve(problem, {
    rounds,
    earlier,
    goOn: () =>
      ++tries < MOST_TRIES && onProgress?.(wanted.dishes.length / (wanted.dishes.length + 1)) !== false,
    ...(before && { before: asMinutes(before, minute) }),
  });
  if ('undecided' in solved) return { kind: 'undecided' };
  if ('infeasible' in solved)
    return {
      kind: 'conflict',
      words: conflictWords(solved.infeasible, whole, made.tasks, units),
      help: solved.infeasible.help,
      helped: helpedDish(solved.infeasible.help, made.tasks),
    };
  const at = (minutes: number) => now + minutes * MINUTE_MS;
  const tasks = [...settled.values()].map((task): PlacedTask => {
    const known = stand?.tasks.get(task.id);
    const start = known?.begunAt ?? (known ? (known.doneAt ?? now) - task.minutes * MINUTE_MS : null);
    const startAt = start ?? at(solved.startAt[task.id]!);
    const { place = task.place } = task.options?.[solved.chosen?.[task.id] ?? -1] ?? {};
    const { pinned, who } = placed.get(task.id) ?? {};
    return placedTask({ ...task, place }, Math.round(startAt), { pinned, who });
  });
  return {
    kind: 'scheduled',
    dishes,
    schedule: { serveAt: stand?.servedAt ?? at(solved.serveAt), tasks },
    moved: tasks.flatMap((task) => movedFrom(placed.get(task.id), task, stand?.tasks.get(task.id), now)),
  };
}

/** The foods of a meal, ruled for who eats of this one as well. */
const eatenFrom = ({ foods, wanted, settings }: MealAsked): readonly FoodState[] =>
  asEaten(
    foods.map((state) => ({ state })),
    [{ wanted }],
    settings.table,
  ).map(({ state }) => state);

/** How a task moved that is still to come, or the end of one that runs; what is done moved nobody. */
function movedFrom(
  was: PlacedTask | undefined,
  { id, startAt, minutes }: PlacedTask,
  stand: Stand | undefined,
  now: number,
): Moved[] {
  if (!was || (stand && stand.doneAt !== null)) return [];
  const byMs = startAt - was.startAt;
  if (!stand) return was.startAt < now || byMs === 0 ? [] : [{ task: id, byMs }];
  const endBy = byMs + (minutes - was.minutes) * MINUTE_MS;
  return endBy === 0 ? [] : [{ task: id, byMs: endBy, end: true }];
}

const hangingOn = ({ wanted: { serveAt }, others = [], settings: { zone } }: MealAsked) => ({
  serveAt,
  others,
  zone,
});

/** What of the stores is no food for this meal: to be thrown away, of no known age, or past its days by then. */
function unfitDishes(
  asked: MealAsked,
  stored: (dish: PlannedDish) => FoodState | null,
  rulesOf: (dish: PlannedDish) => RuleSet,
): DishObstacle[] {
  const { wanted, settings, guidance, units, now, meal, foods } = asked;
  const stand = meal && standOf({ ...meal, wanted }, foods);
  if (stand?.servedAt) return [];
  const context = { now, zone: settings.zone, units, guidance };
  return wanted.dishes.flatMap((dish): DishObstacle[] => {
    const food = stored(dish);
    if (isToBeLeft(dish, food)) {
      const left = leftOver(dish, food, hangingOn(asked), rulesOf(dish));
      return 'why' in left ? [{ dish: dish.id, ...left }] : [];
    }
    if (!food) return [];
    const obstacle = (why: DishObstacle['why'], byMs: number | null = null) => [{ dish: dish.id, why, byMs }];
    if (judge(food, context)?.verdict === 'discard') return obstacle('discard');
    if (dish.kind === 'cooked' || stand?.tasks.has(`${dish.id}.reheat`)) return [];
    const until = eatBy(food, rulesOf(dish), settings.zone);
    if (until === null) return obstacle('ageUnknown');
    return until < wanted.serveAt ? obstacle('keepsTooShort', wanted.serveAt - until) : [];
  });
}

/** The dish that can be left out, or given longer to wait for the table; none where the help is about something between its tasks. */
function helpedDish(help: Help | null, tasks: ReadonlyMap<string, MealTask>): string | null {
  if (help?.kind === 'without') return help.dish;
  return help?.kind === 'wait' && toTable(help) ? (tasks.get(help.from)?.dish ?? null) : null;
}

/** A task with what is settled of it: what is in an oven stays in that one, with all of its dish. */
function asSettled(
  task: MealTask,
  placed: ReadonlyMap<string, PlacedTask>,
  stand: MealStand | null,
): MealTask {
  const begun = [...placed.values()].find(
    ({ id, dish, kind }) => dish === task.dish && IN_OVEN.has(kind) && stand?.tasks.has(id),
  );
  return begun && task.options ? { ...task, place: begun.place, options: undefined } : task;
}

const IN_OVEN: ReadonlySet<TaskKind> = new Set(['ovenOn', 'cook', 'reheat']);

const asMinutes = (
  { serveAt, tasks }: MealPayload<'mealScheduled'>,
  minute: (at: number) => number,
): Schedule => ({
  serveAt: minute(serveAt),
  startAt: Object.fromEntries([
    ...tasks.map(({ dish }) => [nowOf(dish), 0] as const),
    ...tasks.map(({ id, startAt }) => [id, minute(startAt)] as const),
  ]),
  // The one other way there is to do a task is the other oven.
  chosen: Object.fromEntries(tasks.flatMap(({ id, place }) => (place === SECOND_OVEN ? [[id, 0]] : []))),
});

function placedTask(
  task: MealTask,
  startAt: number,
  { pinned, who }: Pick<PlacedTask, 'pinned' | 'who'>,
): PlacedTask {
  const { id, dish, kind, minutes, place, celsius, by, hands = [], marks, ruleIds } = task;
  return {
    id,
    dish,
    kind,
    startAt,
    minutes,
    ...(place !== undefined && { place }),
    ...(celsius && { celsius: [...celsius] }),
    hands: hands.map(([from, to]) => [from, to]),
    marks: [...marks],
    ruleIds: [...ruleIds],
    ...(pinned && { pinned }),
    ...(who !== undefined && { who }),
    ...(by && { by: [...by] }),
  };
}

/** A frozen dish with how long it thaws by heat transfer, the way it is to be thawed. */
function thawing(
  dish: PlannedDish,
  { rules, microwaveW }: { readonly rules: RuleSet; readonly microwaveW: number | null },
  onProgress?: OnProgress,
): PlannedDish {
  if (dish.kind !== 'cooked' || dish.condition !== 'frozen') return dish;
  const { method, computedThaw, foodKey, form, massKg } = dish;
  if (method === 'microwave' && microwaveW)
    return {
      ...dish,
      computedThaw: { microwave: inMicrowave(foodById(foodKey), massKg, rules, microwaveW) },
    };
  if ((method !== 'refrigerator' && method !== 'coldWater') || computedThaw?.[method]) return dish;
  const { fastMs, slowMs } = thawBand(
    { food: foodById(foodKey), form, massKg, place: method, startC: toCelsius(rules.bands.freezer.value.at) },
    onProgress,
  );
  const span = { fastMs: Math.round(fastMs), slowMs: Math.round(slowMs) };
  return { ...dish, computedThaw: { ...computedThaw, [method]: span } };
}
