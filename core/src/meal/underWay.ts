import { taskId, type PlacedTask, type PlannedDish, type TaskKind } from '../record';
import type { FoodState, MealState } from '../trail';
import { MINUTE_MS } from '../units';
import { SECOND_OVEN } from './kitchen';
import { standOf, type MealStand } from './stand';

/** Something that has begun and is not over, with when it will be. */
export interface Timer {
  readonly dish: PlannedDish;
  readonly task: PlacedTask;
  readonly endsAt: number;
}

/** What takes its time, so that one looks at the clock for it. */
const TIMED: ReadonlySet<TaskKind> = new Set([
  'thaw',
  'marinate',
  'prepare',
  'ovenOn',
  'cook',
  'reheat',
  'rest',
  'finish',
]);

/**
 * All that runs in a meal, the first to end first. What is over by its time is shown until what comes after it has begun: only a tick
 * says that it is done.
 */
export function underWay(meal: MealState, foods: readonly FoodState[]): readonly Timer[] {
  const stand = standOf(meal, foods);
  if (stand.servedAt !== null) return [];
  return (meal.schedule?.tasks ?? [])
    .flatMap((task): Timer[] => {
      const dish = meal.wanted.dishes.find(({ id }) => id === task.dish);
      const { begunAt = null, doneAt = null } = stand.tasks.get(task.id) ?? {};
      if (!dish || begunAt === null || doneAt !== null || !TIMED.has(task.kind)) return [];
      if (task.kind === 'ovenOn' && isHeated(stand, dish.id)) return [];
      return [{ dish, task, endsAt: begunAt + task.minutes * MINUTE_MS }];
    })
    .sort((a, b) => a.endsAt - b.endsAt);
}

const isHeated = ({ tasks }: MealStand, dish: string): boolean =>
  (['cook', 'reheat'] as const).some((kind) => tasks.has(taskId(dish, kind)));

/** What runs, in words. */
export function timerWords({ dish: { name }, task: { kind, place = '' } }: Timer): string {
  switch (kind) {
    case 'thaw':
      return `${name} thaws`;
    case 'marinate':
      return `${name} in its marinade`;
    case 'prepare':
      return `Preparing ${name}`;
    case 'ovenOn':
      return `Oven heating up for ${name}`;
    case 'rest':
      return `${name} rests`;
    case 'finish':
      return `Finishing ${name}`;
    default:
      return `${name} ${WHERE_HEATED[place] ?? 'on the heat'}`;
  }
}

/** Where something is heated, in words. */
export const WHERE_HEATED: Readonly<Record<string, string>> = {
  oven: 'in the oven',
  [SECOND_OVEN]: 'in the second oven',
  hob: 'on the hob',
  microwave: 'in the microwave',
  grill: 'on the grill',
  slowCooker: 'in the slow cooker',
};
