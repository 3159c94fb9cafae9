import type {
  FoodList,
  FoodTrail,
  Household,
  Log,
  LogEntry,
  Settings,
  SettingsPatch,
  StoreReading,
} from '@omtel/core/api';
import { rulesFor } from '@omtel/core/guidance';
import { isOfMeal, subjectOf, type FoodEvent, type KitchenEvent } from '@omtel/core/record';
import { referredTo } from '@omtel/core/trail';
import type { Change, Waiting } from '../outbox/drawer';
import { foldingBy, foodOf, listAfter, withEvent, withFood, type Trail } from '../outbox/foreseen';
import { storesAfter, toldOnTheWay, type KnownStores } from './toldHere';

/** A household with the settings that were changed here and not sent yet. */
export function householdAfter(household: Household, changes: readonly Change[]): Household {
  const patches = changes
    .filter(({ path }) => path === '/household/settings')
    .map(({ body }) => patchIn(body));
  return {
    ...household,
    settings: Object.assign({}, household.settings, ...patches) as Household['settings'],
  };
}

/** What were the settings before is no part of what they are to be. */
const patchIn = (body: unknown): SettingsPatch =>
  Object.fromEntries(Object.entries(body as object).filter(([key]) => key !== 'was'));

/** What a device knows of the foods at hand: how they were told, and the trails it has of them. */
export interface KnownKitchen {
  readonly list: FoodList;
  readonly trails: ReadonlyMap<string, FoodTrail>;
  /** What the air of the stores read, the newest first. */
  readonly readings: readonly StoreReading[];
}

/** The trail of a food that begins here. */
const NOTHING_BEFORE: Trail = { events: [], others: {} };

/**
 * What a device knows of a kitchen after what was recorded on it and not sent yet, by the same fold the server uses. What the server
 * took already, and whose answer was lost, counts once.
 *
 * @param told what the server told last; a trail that is older than the list goes for nothing
 */
export function kitchenAfter(
  told: KnownKitchen,
  { events, changes }: Waiting,
  { guidance, table }: Pick<Settings, 'guidance' | 'table'>,
): KnownKitchen {
  const folding = foldingBy({ guidance, table });
  const rules = rulesFor(guidance);
  const standing = new Map(told.list.foods.map((food) => [food.state.foodId, JSON.stringify(food)]));
  const trails = new Map(
    [...told.trails].filter(
      ([id, { food }]) => (standing.get(id) ?? JSON.stringify(food)) === JSON.stringify(food),
    ),
  );
  let { list } = told;
  let stores: KnownStores = { powerCut: list.powerCut, readings: told.readings };
  const take = (id: string, trail: Trail): void => {
    const food = foodOf(trail, folding);
    if (food) trails.set(id, { ...trail, food });
    else trails.delete(id);
    if (food !== undefined) list = withFood(list, id, food);
  };
  const happen = (event: KitchenEvent): void => {
    list = listAfter(list, event, folding);
    if (isOfMeal(event)) return;
    const { foodId } = event;
    const trail = trails.get(foodId) ?? (standing.has(foodId) ? null : NOTHING_BEFORE);
    if (trail) take(foodId, withEvent(withReferred(trail, event, trails), event));
    // What is set right of a food is set right of what came of it before.
    for (const [id, child] of trails) {
      const before = child.others[foodId];
      if (!before || before.some((known) => known.id === event.id)) continue;
      take(id, { ...child, others: { ...child.others, [foodId]: [...before, event] } });
    }
  };
  // Under other rules, and for others at the table, the same histories amount to something else.
  if (changes.some(rulesOtherwise)) for (const [id, trail] of trails) take(id, trail);
  for (const next of inTurn(events, changes)) {
    if (next.event) {
      happen(next.event);
      toldOnTheWay(next.event, stores, rules).forEach(happen);
      continue;
    }
    const after = storesAfter(stores, next.change, list, rules);
    stores = after.stores;
    list = { ...list, powerCut: stores.powerCut };
    after.told.forEach(happen);
  }
  return { list, trails, readings: stores.readings };
}

const rulesOtherwise = ({ path, body }: Change): boolean =>
  path === '/household/settings' && ('guidance' in (body as object) || 'table' in (body as object));

type InTurn =
  | { readonly id: string; readonly event: KitchenEvent; readonly change?: never }
  | { readonly id: string; readonly change: Change; readonly event?: never };

/** Entries and changes in the order they were made in. */
const inTurn = (events: readonly KitchenEvent[], changes: readonly Change[]): readonly InTurn[] =>
  [
    ...events.map((event): InTurn => ({ id: event.id, event })),
    ...changes.map((change): InTurn => ({ id: change.id, change })),
  ].sort((a, b) => (a.id < b.id ? -1 : 1));

/** A trail with the histories of the foods an event refers to, as far as they are known here. */
function withReferred(trail: Trail, event: FoodEvent, trails: ReadonlyMap<string, FoodTrail>): Trail {
  const others = referredTo([event]).map((id): Trail['others'] => {
    const referred = trails.get(id);
    return referred ? { ...referred.others, [id]: referred.events } : {};
  });
  return { ...trail, others: Object.assign({}, ...others, trail.others) as Trail['others'] };
}

/** The newest of the log with what was recorded here and not sent yet. */
export function logAfter(log: Log, events: readonly KitchenEvent[], list: FoodList): Log {
  const names = new Map<string, string>([
    ...list.foods.map(({ state }) => [state.foodId, state.name] as const),
    ...list.meals.map(({ mealId, wanted }) => [mealId, wanted.name] as const),
  ]);
  const known = new Set(log.entries.map(({ event }) => event.id));
  const entries = events
    .filter(({ id }) => !known.has(id))
    .map((event): LogEntry => ({ event, name: names.get(subjectOf(event)) ?? '' }));
  return { ...log, entries: [...entries, ...log.entries].toSorted((a, b) => b.event.at - a.event.at) };
}
