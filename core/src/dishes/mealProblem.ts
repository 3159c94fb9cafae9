import type { RuleSet } from '../guidance';
import type { Cook } from '../meal';
import type { Obstacle } from '../plan';
import type { ProblemJson } from '../schedule';
import { DAY_MS, MINUTE_MS } from '../units';
import type { Meal } from './dish';
import { dishTasks } from './dishTasks';
import { orderOfWork } from './orderOfWork';
import { coursesOf, type MealTask } from './template';
import { inKitchen, placesOf, roomToThaw, type KitchenObstacle } from './inKitchen';
import { markOnFives, onFives } from './onFives';

/** A meal may become so late: what is frozen and wanted too soon is told when it can be had. */
export const LATEST_MS = 4 * DAY_MS;

/** A dish that cannot be made like this in this kitchen, whatever the schedule. */
export interface DishObstacle {
  readonly dish: string;
  readonly why: Obstacle['why'] | KitchenObstacle['why'] | 'discard' | 'sourceGone' | 'notKept' | 'notYet';
  readonly byMs: number | null;
  readonly needs?: number | null;
}

/** A meal as the schedule reads it, with what each of its tasks is; or what stands in its way before any schedule. */
export type MealProblem =
  | { readonly problem: ProblemJson; readonly tasks: ReadonlyMap<string, MealTask> }
  | { readonly obstacles: readonly DishObstacle[] };

/** The clock of the kitchen, and the rules each dish goes by: a food can have its own. */
export interface MealContext {
  readonly rulesOf: (dish: string) => RuleSet;
  readonly zone: string;
  readonly now: number;
}

/** Turns a meal into tasks that share a kitchen, in minutes from now, in steps of five. */
export function mealProblem(
  { table, dishes, kitchen }: Meal,
  { rulesOf, zone, now }: MealContext,
): MealProblem {
  const serveAt = Math.max(0, Math.ceil((table.serveAt - now) / MINUTE_MS));
  const [tasks, links, obstacles]: [MealTask[], NonNullable<ProblemJson['links']>, DishObstacle[]] = [
    [],
    [],
    [],
  ];
  for (const dish of dishes) {
    const made = dishTasks(dish, { rules: rulesOf(dish.id), zone, now, serveAt: table.serveAt });
    if ('obstacle' in made) {
      obstacles.push({ dish: dish.id, ...made.obstacle });
      continue;
    }
    const placed = inKitchen(dish, made.tasks, kitchen);
    if ('obstacle' in placed) {
      obstacles.push({ dish: dish.id, byMs: null, ...placed.obstacle });
      continue;
    }
    const from = dish.from === undefined ? 0 : Math.max(0, Math.ceil((dish.from - now) / MINUTE_MS));
    tasks.push(...placed.tasks.map((task) => ({ ...task, notBefore: Math.max(from, task.notBefore ?? 0) })));
    links.push(...made.links);
  }
  for (const no of roomToThaw(tasks, kitchen)) obstacles.push({ byMs: null, ...no });
  if (obstacles.length) return { obstacles };
  const problem = onFives({
    horizon: serveAt + LATEST_MS / MINUTE_MS,
    serveAt,
    cooks: kitchen.cooks.map((cook) => cookOf(cook, now)),
    places: placesOf(kitchen),
    courses: coursesOf(dishes),
    tasks: tasks.map(({ kind: _, ruleIds: __, marks: ___, ...task }) => task),
    links,
    wishes: orderOfWork(dishes, tasks),
  });
  return {
    problem,
    tasks: new Map(
      problem.tasks.map((task, index) => [
        task.id,
        { ...tasks[index]!, ...task, marks: tasks[index]!.marks.map(markOnFives) },
      ]),
    ),
  };
}

/** Whole minutes in which a cook is there from the first to the last moment. */
const cookOf = ({ id, free }: Cook, now: number): NonNullable<ProblemJson['cooks']>[number] => ({
  id,
  free: free
    .map(({ from, to }): [number, number] => [
      Math.ceil((Math.max(from, now) - now) / MINUTE_MS),
      Math.floor((to - now) / MINUTE_MS),
    ])
    .filter(([from, to]) => from < to),
});
