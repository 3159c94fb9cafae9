import type { Kitchen, Table } from '../meal';
import type { Method, PlanInput } from '../plan';
import type { HeldPlace } from '../record';

/** Where something is heated, and what it asks of a cook meanwhile. */
export interface Heating {
  readonly at: 'oven' | 'hob' | 'microwave' | 'grill' | 'slowCooker';
  /** Its fast and slow end, ms; from frozen they are made longer by the rule. */
  readonly fastMs: number;
  readonly slowMs: number;
  /** What it bears in an oven, °C, both ends included. */
  readonly celsius?: readonly [number, number];
  /** It is stirred or turned so often, ms. */
  readonly everyMs?: number;
}

/** What every dish is. */
interface Common {
  readonly id: string;
  readonly name: string;
  /** Washing, cutting, stuffing, ms. */
  readonly prepareMs: number;
  /** Carving, a sauce, ms. */
  readonly finishMs: number;
  /** How long it can wait for the table, hot or cold, ms. */
  readonly waitsMs: number;
  /** Where it is kept hot meanwhile. */
  readonly heldAt?: HeldPlace;
  /** It comes to the table so long after the rest, ms. */
  readonly afterMs?: number;
  /** What is left of it is put away. */
  readonly keeps: boolean;
  /** It is there from then on. */
  readonly from?: number;
  /** It is heated, or taken out to be eaten cold, by then; always where it keeps. */
  readonly eatBy?: number;
}

/** Raw food that is cooked for this meal. */
export interface CookedDish extends Common {
  readonly kind: 'cooked';
  readonly food: Pick<
    PlanInput,
    | 'food'
    | 'parts'
    | 'form'
    | 'massKg'
    | 'condition'
    | 'since'
    | 'usedMs'
    | 'keptMs'
    | 'useBy'
    | 'computedThaw'
  >;
  readonly method: Method;
  /** How long an icy middle takes since its thaw was begun, from what it read: no chart says more. */
  readonly thawLeftMs?: number;
  /** In a marinade or a brine, in the refrigerator, ms. */
  readonly marinateMs?: number;
  readonly heating: Heating;
  readonly restMs: number;
}

/** A leftover, or what a guest brings: cooked already, heated through once more. */
export interface ReheatedDish extends Common {
  readonly kind: 'reheated';
  readonly heating: Heating;
}

/** Vegetables, pasta, something to bake: heated, and nothing in it has to be read. */
export interface PlainDish extends Common {
  readonly kind: 'plain';
  readonly heating: Heating;
}

/** A salad, bread, cold cuts: nothing is heated. */
export interface ColdDish extends Common {
  readonly kind: 'cold';
}

export type Dish = CookedDish | ReheatedDish | PlainDish | ColdDish;

/** Whether raw poultry is had in hand for it. */
export const isRawPoultry = (dish: Dish): boolean =>
  dish.kind === 'cooked' && dish.food.food.shelf === 'poultryRaw';

/** A meal as it is planned: all that `mealProblem` needs. */
export interface Meal {
  readonly table: Table;
  readonly dishes: readonly Dish[];
  readonly kitchen: Kitchen;
}
