import { roomFor } from '../kitchen';
import { SECOND_OVEN, type Cook, type Kitchen, type Oven } from '../meal';
import type { TaskKind } from '../record';
import type { ProblemJson } from '../schedule';
import { isRawPoultry, type Dish } from './dish';
import type { MealTask } from './template';

/** What keeps a dish from being made in a kitchen at all, whatever the schedule; and what it would take, where that can be said. */
export interface KitchenObstacle {
  readonly why: 'noPlace' | 'tooSlow' | 'tooWide' | 'potTooSmall' | 'noRoomToThaw' | 'nobodyMay';
  /** m of the longest side, or l of a pot or of a refrigerator. */
  readonly needs: number | null;
}

type PlaceJson = NonNullable<ProblemJson['places']>[number];

/** Room for whatever is put there: nobody said how much there is. */
const PLENTY = 10_000;
/** Rather the first oven, where it makes no other difference. */
const OTHER_OVEN_COSTS = 0.5;

/** The places of a kitchen; between two heats of an oven lies the time the second one's preheating takes. */
export const placesOf = ({ ovens, warm, rings, coldLitres, ...kitchen }: Kitchen): PlaceJson[] => [
  { id: 'oven', capacity: ovens[0]?.shelves ?? 0 },
  ...(ovens[1] ? [{ id: SECOND_OVEN, capacity: ovens[1].shelves }] : []),
  { id: 'warm', capacity: warm },
  { id: 'hob', capacity: rings },
  { id: 'board', capacity: kitchen.boards },
  { id: 'sink', capacity: kitchen.sinks },
  { id: 'refrigerator', capacity: coldLitres === null ? PLENTY : Math.floor(coldLitres) },
  { id: 'microwave', capacity: kitchen.microwave ? 1 : 0 },
  { id: 'grill', capacity: kitchen.grill ? 1 : 0 },
  { id: 'slowCooker', capacity: kitchen.slowCooker ? 1 : 0 },
];

/**
 * A dish's tasks in this kitchen: in the ovens it fits in, by the cooks who may have it in hand.
 *
 * @returns the tasks, or why there is no way
 */
export function inKitchen(
  dish: Dish,
  tasks: readonly MealTask[],
  kitchen: Kitchen,
): { readonly tasks: readonly MealTask[] } | { readonly obstacle: KitchenObstacle } {
  const no = (why: KitchenObstacle['why'], needs: number | null = null) => ({ obstacle: { why, needs } });
  if (heatsTooSlowly(dish)) return no('tooSlow');
  const room = new Map(placesOf(kitchen).map(({ id, capacity }) => [id, capacity]));
  const wanted = [
    ...tasks
      .filter(({ place }) => place !== 'refrigerator')
      .map(({ place, units = 1 }) => ({ place, units })),
    { place: dish.heldAt, units: 1 },
  ];
  if (wanted.some(({ place, units }) => place && units > room.get(place)!)) return no('noPlace');
  const litres = litresOfPot(dish);
  if (litres !== null && kitchen.potLitres !== null && litres > kitchen.potLitres)
    return no('potTooSmall', litres);
  const long = longestOf(dish);
  const takes = ({ widestM }: Oven) => long === null || widestM === null || long <= widestM;
  const [first, second] = kitchen.ovens.map(takes);
  if (long !== null && !first && !second) return no('tooWide', long);
  const may = isRawPoultry(dish) ? kitchen.cooks.filter(({ noRawPoultry }) => !noRawPoultry) : kitchen.cooks;
  if (may.length === 0 && kitchen.cooks.length > 0) return no('nobodyMay');
  return {
    tasks: tasks
      .map((task) =>
        task.place === 'oven' ? ovenTask(task, { first: first!, second: second ?? false }) : task,
      )
      .map((task) => (may.length < kitchen.cooks.length && RAW.has(task.kind) ? doneBy(task, may) : task)),
  };
}

/**
 * What thaws in the refrigerator lies there until it is heated for the one table, so all of it lies there together.
 *
 * @returns an obstacle for each such dish where there is no room for all
 */
export function roomToThaw(
  tasks: readonly MealTask[],
  kitchen: Kitchen,
): readonly (KitchenObstacle & { readonly dish: string })[] {
  const thawing = tasks.filter(({ place }) => place === 'refrigerator');
  const needs = thawing.reduce((sum, { units = 1 }) => sum + units, 0);
  const room = placesOf(kitchen).find(({ id }) => id === 'refrigerator')!.capacity;
  return needs <= room ? [] : thawing.map(({ dish }) => ({ dish, why: 'noRoomToThaw', needs }));
}

/** In what is done to it raw food is had in hand. */
const RAW: ReadonlySet<TaskKind> = new Set(['thaw', 'marinate', 'prepare', 'cook']);

const doneBy = (task: MealTask, cooks: readonly Cook[]): MealTask => ({
  ...task,
  by: cooks.map(({ id }) => id),
});

/** A dish and the heat it wants are in one oven: options of one name are taken together. */
function ovenTask(
  task: MealTask,
  { first, second }: Readonly<Record<'first' | 'second', boolean>>,
): MealTask {
  if (!second) return task;
  if (!first) return { ...task, place: SECOND_OVEN };
  const cost = task.kind === 'ovenOn' ? 0 : OTHER_OVEN_COSTS;
  return { ...task, options: [{ way: SECOND_OVEN, place: SECOND_OVEN, cost }] };
}

/** A slow cooker brings what is frozen, or was cooked before, too slowly through the growth band. */
const heatsTooSlowly = (dish: Dish): boolean =>
  'heating' in dish &&
  dish.heating.at === 'slowCooker' &&
  (dish.kind === 'reheated' || (dish.kind === 'cooked' && dish.method === 'fromFrozen'));

/** How long what goes into the oven in one piece is, m. */
const longestOf = (dish: Dish): number | null =>
  dish.kind === 'cooked' && dish.heating.at === 'oven'
    ? (roomFor(dish.food.food, dish.food.form).longM?.(dish.food.massKg) ?? null)
    : null;

/** The pot for what is cooked in one, l. */
const litresOfPot = (dish: Dish): number | null =>
  dish.kind === 'cooked' && dish.heating.at === 'hob'
    ? (roomFor(dish.food.food, dish.food.form).potLitres?.(dish.food.massKg) ?? null)
    : null;
