import { storageOf } from '../clocks';
import type { RuleSet } from '../guidance';
import type { MealPayload, PlannedDish } from '../record';

/** When something for a meal is bought. */
export interface Buying {
  /** Bought sooner it would not keep until it is on the heat; null where it keeps anyway. */
  readonly from: number | null;
  /** The first thing is done with it then. */
  readonly by: number;
}

/**
 * When a dish that is to be bought is bought: fresh food no sooner than it keeps for certain until it is on the heat, everything
 * before the first of its tasks.
 */
export function buyingOf(
  dish: Extract<PlannedDish, { kind: 'cooked' }>,
  { serveAt, tasks }: MealPayload<'mealScheduled'>,
  rules: RuleSet,
): Buying {
  const own = tasks.filter((task) => task.dish === dish.id);
  const by = Math.min(serveAt, ...own.filter(({ kind }) => kind !== 'ovenOn').map(({ startAt }) => startAt));
  const cook = own.find(({ kind }) => kind === 'cook')?.startAt ?? serveAt;
  const keeps =
    dish.condition === 'frozen'
      ? null
      : storageOf({ foodKey: dish.foodKey, parts: dish.parts, cooked: false }, rules)?.refrigerator;
  return { from: keeps ? cook - keeps.value.lowMs : null, by };
}
