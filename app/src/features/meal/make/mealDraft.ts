import type { MealPayload } from '@omtel/core/record';
import { clockOf, daysBetween, longDay } from '@omtel/core/time';
import type { FoodState, MealState } from '@omtel/core/trail';
import { fromKilograms, massUnitOf, type UnitSystem } from '@omtel/core/units';
import { readServeAt } from '../../plan';
import {
  fieldsOfDish,
  proposedFields,
  readDish,
  type DishContext,
  type DishDraft,
  type DishFields,
} from './dishDraft';

/** What is typed into the form of a meal. */
export interface MealDraft {
  /** Empty: by its day and hour. */
  readonly name: string;
  readonly people: number;
  readonly smallEaters: number;
  readonly daysAhead: string;
  readonly clock: string;
  readonly dishes: readonly DishDraft[];
}

export const EMPTY_MEAL: MealDraft = {
  name: '',
  people: 4,
  smallEaters: 0,
  daysAhead: '1',
  clock: '19:00',
  dishes: [],
};

const SUPPER_FROM = 16;
const LUNCH_FROM = 11;

/** What a meal is called where nobody says: by its day and hour. */
export function usualName(serveAt: number, zone: string): string {
  const hour = Number(clockOf(serveAt, zone).slice(0, 2));
  const meal = hour >= SUPPER_FROM ? 'supper' : hour >= LUNCH_FROM ? 'lunch' : 'breakfast';
  return `${longDay(serveAt, zone).split(/[ ,]/)[0]!} ${meal}`;
}

/** A meal read from its form; null while something cannot be read. */
export interface ReadMeal {
  readonly serve: { readonly serveAt: number } | { readonly problem: string };
  readonly wanted: MealPayload<'mealPlanned'> | null;
  /** The dishes that cannot be read yet, each with the first sentence why. */
  readonly problems: ReadonlyMap<string, string>;
}

export function readMeal(
  draft: MealDraft,
  foods: ReadonlyMap<string, FoodState>,
  context: Omit<DishContext, 'serveAt'>,
): ReadMeal {
  const serve = readServeAt(draft.daysAhead, draft.clock, context.now, context.zone);
  const problems = new Map<string, string>();
  if ('problem' in serve) return { serve, wanted: null, problems };
  const dishes = draft.dishes.flatMap((dish) => {
    const stored = dish.foodId ? (foods.get(dish.foodId) ?? null) : null;
    const read = readDish(dish, stored, { ...context, serveAt: serve.serveAt });
    if ('dish' in read) return [read.dish];
    problems.set(dish.id, Object.values(read.problems)[0]!);
    return [];
  });
  if (problems.size || dishes.length === 0) return { serve, wanted: null, problems };
  const { people, smallEaters } = draft;
  const name = draft.name.trim() || usualName(serve.serveAt, context.zone);
  return { serve, wanted: { name, people, smallEaters, serveAt: serve.serveAt, dishes }, problems };
}

/** A meal that was planned, in its form. */
export function draftOf(
  { wanted }: MealState,
  foods: ReadonlyMap<string, FoodState>,
  { rules, units, now, zone }: Omit<DishContext, 'serveAt' | 'availability'>,
): MealDraft {
  return {
    name: wanted.name,
    people: wanted.people,
    smallEaters: wanted.smallEaters,
    daysAhead: String(Math.max(0, daysBetween(now, wanted.serveAt, zone))),
    clock: clockOf(wanted.serveAt, zone),
    dishes: wanted.dishes.map((dish): DishDraft => {
      const stored = dish.foodId ? (foods.get(dish.foodId) ?? null) : null;
      const kinds =
        dish.kind === 'cooked'
          ? [dish.foodKey, ...dish.parts]
          : stored
            ? [stored.foodKey, ...stored.parts]
            : [];
      const { id, name, kind, foodId, comes, leftFrom } = dish;
      const bare = { id, name, kind, foodId, kinds, ...(comes && { comes }), ...(leftFrom && { leftFrom }) };
      const proposed = proposedFields(bare, stored, massUnitOf(units), { rules, units });
      const fields = fieldsOfDish(dish, withMass(proposed, dish, units), units);
      return { ...bare, fields };
    }),
  };
}

/** The weight as it was planned, in the household's unit. */
function withMass(fields: DishFields, dish: MealPayload<'mealPlanned'>['dishes'][number], units: UnitSystem) {
  if (dish.kind !== 'cooked') return fields;
  const unit = massUnitOf(units);
  const mass = Number(fromKilograms(dish.massKg, unit).toFixed(2));
  return { ...fields, mass: String(mass), massUnit: unit };
}

/** An id no other dish of the meal has. */
export function nextDishId(dishes: readonly DishDraft[]): string {
  const used = new Set(dishes.map(({ id }) => id));
  let n = dishes.length + 1;
  while (used.has(`d${n}`)) n += 1;
  return `d${n}`;
}
