import type { RuleSet } from '../guidance';
import type { Cook, Kitchen } from '../meal';
import type { Obstacle } from '../plan';
import type { ProblemJson } from '../schedule';
import { DAY_MS, MINUTE_MS } from '../units';
import { dishTasks, type MealTask } from './dishTasks';
import type { Meal } from './dish';
import { markOnFives, onFives } from './onFives';

/** A meal may become so late: what is frozen and wanted too soon is told when it can be had. */
export const LATEST_MS = 4 * DAY_MS;

/** A dish that cannot be made like this in this kitchen, whatever the schedule. */
export interface DishObstacle {
  readonly dish: string;
  readonly why: Obstacle['why'] | 'noPlace' | 'discard';
  readonly byMs: number | null;
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
  const places = placesOf(kitchen);
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
    if (!fits(places, made.tasks)) obstacles.push({ dish: dish.id, why: 'noPlace', byMs: null });
    tasks.push(...made.tasks);
    links.push(...made.links);
  }
  if (obstacles.length) return { obstacles };
  const problem = onFives({
    horizon: serveAt + LATEST_MS / MINUTE_MS,
    serveAt,
    cooks: kitchen.cooks.map((cook) => cookOf(cook, now)),
    places,
    tasks: tasks.map(({ kind: _, ruleIds: __, marks: ___, ...task }) => task),
    links,
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

type PlaceJson = NonNullable<ProblemJson['places']>[number];

const placesOf = ({ ovenShelves, rings, boards, sinks, microwave, grill }: Kitchen): PlaceJson[] => [
  // Between two heats lies the time the second one's preheating takes.
  { id: 'oven', capacity: ovenShelves },
  { id: 'hob', capacity: rings },
  { id: 'board', capacity: boards },
  { id: 'sink', capacity: sinks },
  { id: 'microwave', capacity: microwave ? 1 : 0 },
  { id: 'grill', capacity: grill ? 1 : 0 },
];

const fits = (places: readonly PlaceJson[], tasks: readonly MealTask[]): boolean =>
  tasks.every(({ place, units = 1 }) => !place || places.find(({ id }) => id === place)!.capacity >= units);

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
