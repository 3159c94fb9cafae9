import type { Guidance, RuleSet } from '../guidance';
import { inCare, type Eater } from '../table';
import { IN_CARE, rulesOfFood, type FoodState } from '../trail';

/** As much of a meal as says who eats what: one that was planned, or is being. */
interface Wanted {
  readonly without?: readonly string[];
  readonly dishes: readonly { readonly foodId: string | null; readonly without?: readonly string[] }[];
}
type Leaving = Pick<Wanted, 'without'>;

/** Those at the table who eat a dish: all who are not said to leave it, or the meal. */
export function eatersOf(
  { without: away = [] }: Leaving,
  { without: leave = [] }: Leaving,
  table: readonly Eater[],
): readonly Eater[] {
  return table.filter(({ id }) => !away.includes(id) && !leave.includes(id));
}

/** Those for whose sake a dish is ruled with extra care; nobody where none of them eats it. */
export const careFor = (wanted: Leaving, dish: Leaving, table: readonly Eater[]): readonly Eater[] =>
  inCare(eatersOf(wanted, dish, table));

/** Those who need extra care and eat of any dish of a meal. */
export const careAt = (wanted: Wanted, table: readonly Eater[]): readonly Eater[] =>
  inCare(table).filter((eater) => wanted.dishes.some((dish) => careFor(wanted, dish, [eater]).length > 0));

/** What a household goes by, and who eats there. */
export interface RuledAt {
  readonly guidance: Guidance;
  readonly table: readonly Eater[];
}

/**
 * What goes before the household's guidance for a dish: extra care where somebody who needs it eats the dish, else what was
 * chosen for its food.
 *
 * @param food the one it is made of, where it is in the stores
 */
export const guidedAt = (
  wanted: Leaving,
  dish: Leaving,
  food: Pick<FoodState, 'guidedBy'> | null,
  table: readonly Eater[],
): FoodState['guidedBy'] => (careFor(wanted, dish, table).length > 0 ? IN_CARE : (food?.guidedBy ?? null));

/** The rules a dish goes by. */
export const rulesOfDish = (
  wanted: Leaving,
  dish: Leaving,
  food: Pick<FoodState, 'guidedBy'> | null,
  { guidance, table }: RuledAt,
): RuleSet => rulesOfFood({ guidedBy: guidedAt(wanted, dish, food, table) }, guidance);

/** A food as it stands, and for who needs extra care where somebody at the table does. */
interface Twofold {
  readonly state: FoodState;
  readonly inCare?: FoodState;
}

/**
 * Foods as they stand while there are meals to come: with extra care where somebody who needs it eats of a dish they are
 * for, whatever goes for others.
 *
 * @returns the same foods in the same order; the very ones of which no such meal is
 */
export function asEaten<Food extends Twofold>(
  foods: readonly Food[],
  meals: readonly { readonly wanted: Wanted }[],
  table: readonly Eater[],
): readonly (Food & { readonly forOthers?: FoodState })[] {
  const careful = new Set(
    meals.flatMap(({ wanted }) =>
      wanted.dishes.filter((dish) => careFor(wanted, dish, table).length > 0).map(({ foodId }) => foodId),
    ),
  );
  return foods.map((food) => {
    if (!careful.has(food.state.foodId)) return food;
    // Who has just come to the table is known here before the food was told anew.
    return { ...food, state: food.inCare ?? { ...food.state, guidedBy: IN_CARE }, forOthers: food.state };
  });
}
