import { taskId, type PlannedDish, type TaskKind } from '../record';
import type { FoodState, MealState } from '../trail';
import { HOUR_MS } from '../units';

/** How far a task has come. */
export interface Stand {
  readonly begunAt: number | null;
  readonly doneAt: number | null;
}

/** How far a meal has come: each task that was begun, by its id, and when all was on the table. */
export interface MealStand {
  readonly tasks: ReadonlyMap<string, Stand>;
  readonly servedAt: number | null;
}

/** In the order they follow each other; what comes before something that was begun is behind the cook, ticked or not. */
const ORDER: readonly TaskKind[] = ['thaw', 'marinate', 'prepare', 'cook', 'reheat', 'rest', 'finish'];

/** What is done beside these, before or after. */
const BESIDE: readonly TaskKind[] = ['ovenOn', 'washSink', 'putAway'];

/**
 * How far a meal has come, by what its foods went through and what was ticked: a step that is ticked in the plan is an entry of its food,
 * and an entry that is made elsewhere is a tick in the plan.
 */
export function standOf(meal: MealState, foods: readonly FoodState[]): MealStand {
  const byId = new Map(foods.map((food) => [food.foodId, food]));
  const tasks = new Map<string, Stand>();
  const dishes = meal.wanted.dishes;
  const ofTable = meal.ticks[taskId(TABLE, 'serve')]?.done ?? null;
  const near = Math.min(meal.wanted.serveAt, meal.schedule?.serveAt ?? Infinity) - NEAR_MS;
  const dishServedAt = ({ foodId }: PlannedDish): number | null => {
    const at = foodId ? byId.get(foodId)?.servedAt : null;
    return at && at >= near ? at : null;
  };
  // One dish that is on the table says nothing of what is still in the oven.
  const servedAts = dishes.map(dishServedAt);
  const allServed = servedAts.every((at) => at !== null) ? Math.max(...(servedAts as number[])) : null;
  const servedAt = ofTable ?? allServed;
  for (const dish of dishes) {
    const { id, foodId } = dish;
    const food = foodId ? byId.get(foodId) : undefined;
    const own = new Map<TaskKind, Stand>();
    if (food) for (const [kind, stand] of ofFood(food, dish, near)) own.set(kind, stand);
    for (const kind of [...ORDER, ...BESIDE]) {
      const { begun, done } = meal.ticks[taskId(id, kind)] ?? {};
      if (begun === undefined && done === undefined) continue;
      own.set(kind, { begunAt: begun ?? done ?? null, doneAt: done ?? own.get(kind)?.doneAt ?? null });
    }
    // Food that was at hand when it was planned and is not any more was eaten or thrown away.
    const over = foodId !== null && !food && !dish.comes;
    const last =
      servedAt !== null || over || dishServedAt(dish) !== null
        ? ORDER.length
        : Math.max(-1, ...[...own.keys()].map((kind) => ORDER.indexOf(kind)));
    const by = servedAt ?? dishServedAt(dish) ?? meal.plannedAt;
    ORDER.forEach((kind, index) => {
      const known = own.get(kind);
      if (index < last && !known?.doneAt)
        own.set(kind, { begunAt: known?.begunAt ?? null, doneAt: nextKnown(own, index) ?? by });
    });
    // An oven with something in it is on.
    const heated = own.get('cook') ?? own.get('reheat');
    if (heated && !own.has('ovenOn'))
      own.set('ovenOn', { begunAt: heated.begunAt, doneAt: heated.begunAt ?? heated.doneAt });
    // It rests by itself from the heat on.
    const cooked = own.get('cook')?.doneAt;
    if (cooked && !own.has('rest')) own.set('rest', { begunAt: cooked, doneAt: null });
    if (over)
      for (const kind of ['washSink', 'putAway'] as const) own.set(kind, { begunAt: null, doneAt: by });
    for (const [kind, stand] of own) tasks.set(taskId(id, kind), stand);
  }
  return { tasks, servedAt };
}

/** What was heated or served longer before it was for another meal. */
const NEAR_MS = 8 * HOUR_MS;

/** The dish that stands for all of them together. */
export const TABLE = 'table';

/** When the first that comes after it was begun. */
function nextKnown(own: ReadonlyMap<TaskKind, Stand>, index: number): number | null {
  for (const kind of ORDER.slice(index + 1)) {
    const stand = own.get(kind);
    const at = stand?.begunAt ?? stand?.doneAt;
    if (at) return at;
  }
  return null;
}

/** What a food tells of the tasks of its dish. */
function ofFood(food: FoodState, dish: PlannedDish, near: number): [TaskKind, Stand][] {
  const { thaw, cook, ovenOnAt, servedAt, place, placeSince } = food;
  const told: [TaskKind, Stand][] = [];
  const { kind } = dish;
  // What lies thawing one way and is to be finished another has that still before it.
  const isItsWay = dish.kind === 'cooked' && thaw?.method === dish.method;
  if (thaw && (isItsWay || thaw.thawedAt !== null))
    told.push(['thaw', { begunAt: thaw.startedAt, doneAt: thaw.thawedAt }]);
  if (ovenOnAt !== null && ovenOnAt >= near) told.push(['ovenOn', { begunAt: ovenOnAt, doneAt: ovenOnAt }]);
  // What is raw is cooked once; what is heated again was heated before.
  if (cook && (kind === 'cooked' || cook.startedAt >= near))
    told.push([kind === 'reheated' ? 'reheat' : 'cook', { begunAt: cook.startedAt, doneAt: cook.offHeatAt }]);
  const cold = place === 'refrigerator' || place === 'freezer';
  if (servedAt !== null && servedAt >= near && cold && placeSince >= servedAt)
    told.push(['putAway', { begunAt: placeSince, doneAt: placeSince }]);
  return told;
}
