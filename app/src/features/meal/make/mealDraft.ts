import { guidedAt, type RuledAt } from '@omtel/core/meal';
import type { MealPayload } from '@omtel/core/record';
import { clockOf, clockTimeWords, daysBetween, hourOf, longDay } from '@omtel/core/time';
import type { Eater } from '@omtel/core/table';
import { rulesOfFood, type FoodState, type MealState } from '@omtel/core/trail';
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
  /** Those at the table who do not eat it, by their ids. */
  readonly without: readonly string[];
  readonly daysAhead: string;
  readonly clock: string;
  readonly dishes: readonly DishDraft[];
}

const emptyMeal = (): MealDraft => ({
  name: '',
  people: 4,
  smallEaters: 0,
  without: [],
  daysAhead: '1',
  clock: clockTimeWords({ hour: 19, minute: 0 }),
  dishes: [],
});

/** A meal as it is proposed: for all who eat here, where the household said who does. */
export const newMeal = (table: readonly Eater[]): MealDraft =>
  table.length === 0
    ? emptyMeal()
    : { ...emptyMeal(), people: table.length, smallEaters: table.filter(({ small }) => small).length };

const SUPPER_FROM = 16;
const LUNCH_FROM = 11;

/** What a meal is called where nobody says: by its day and hour. */
export function usualName(serveAt: number, zone: string): string {
  const hour = hourOf(serveAt, zone);
  const meal = hour >= SUPPER_FROM ? 'supper' : hour >= LUNCH_FROM ? 'lunch' : 'breakfast';
  return `${longDay(serveAt, zone).split(/[ ,]/)[0]!} ${meal}`;
}

/** What a meal's form is read with. */
export interface MealContext extends Omit<DishContext, 'serveAt' | 'rules' | 'guidedBy'>, RuledAt {}

/** What one of its dishes is read with: what it goes by for who eats it. */
export function dishContext(
  { without }: Pick<MealDraft, 'without'>,
  { fields }: DishDraft,
  stored: FoodState | null,
  context: MealContext,
  serveAt: number,
): DishContext {
  const guidedBy = guidedAt({ without }, fields, stored, context.table);
  return { ...context, serveAt, guidedBy, rules: rulesOfFood({ guidedBy }, context.guidance) };
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
  context: MealContext,
): ReadMeal {
  const serve = readServeAt(draft.daysAhead, draft.clock, context.now, context.zone);
  const problems = new Map<string, string>();
  if ('problem' in serve) return { serve, wanted: null, problems };
  const dishes = draft.dishes.flatMap((dish) => {
    const stored = dish.foodId ? (foods.get(dish.foodId) ?? null) : null;
    const read = readDish(dish, stored, dishContext(draft, dish, stored, context, serve.serveAt));
    if ('dish' in read) return [read.dish];
    problems.set(dish.id, Object.values(read.problems)[0]!);
    return [];
  });
  if (problems.size || dishes.length === 0) return { serve, wanted: null, problems };
  const { people, smallEaters, without } = draft;
  const name = draft.name.trim() || usualName(serve.serveAt, context.zone);
  const wanted = {
    name,
    people,
    smallEaters,
    ...(without.length && { without: [...without] }),
    serveAt: serve.serveAt,
    dishes,
  };
  return { serve, wanted, problems };
}

/** A meal that was planned, in its form. */
export function draftOf(
  { wanted }: MealState,
  foods: ReadonlyMap<string, FoodState>,
  { rules, units, now, zone }: Pick<DishContext, 'rules' | 'units' | 'now' | 'zone'>,
): MealDraft {
  return {
    name: wanted.name,
    people: wanted.people,
    smallEaters: wanted.smallEaters,
    without: wanted.without ?? [],
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

/** How many are at the table once others of the household are: one more or less for each who comes or stays away. */
export function headsOf(
  { people, smallEaters, without: was }: Pick<MealDraft, 'people' | 'smallEaters' | 'without'>,
  without: readonly string[],
  table: readonly Eater[],
): Pick<MealDraft, 'people' | 'smallEaters'> {
  const coming = (away: readonly string[]) => table.filter(({ id }) => !away.includes(id));
  const small = (eaters: readonly Eater[]) => eaters.filter((each) => each.small).length;
  const [before, after] = [coming(was), coming(without)];
  const heads = Math.max(1, people + after.length - before.length);
  return {
    people: heads,
    smallEaters: Math.min(heads, Math.max(0, smallEaters + small(after) - small(before))),
  };
}
