import { printedEnd, usedBeforeFreezing } from '../clocks';
import { foodById } from '../foods';
import type { PlannedDish } from '../record';
import type { FoodState } from '../trail';
import type { Dish } from './dish';

/**
 * A dish as the schedule needs it: as it was planned, with what its food has been through since.
 *
 * @param food null where it is not in the stores
 * @param until when what was cooked before still keeps
 * @param from when on there is some, where it is still to be left over
 */
export function dishOf(planned: PlannedDish, food: FoodState | null, until = Infinity, from?: number): Dish {
  if (planned.kind !== 'cooked') return { ...planned, eatBy: until, from };
  const { foodKey, parts, form, massKg, condition, computedThaw, ...dish } = planned;
  return {
    ...dish,
    food: {
      food: foodById(foodKey),
      parts,
      form,
      massKg,
      condition,
      since: sinceOf(planned, food),
      usedMs: food ? usedBeforeFreezing(food) : 0,
      keptMs: food?.thaw?.keptMs,
      useBy: food && printedEnd(food),
      computedThaw,
    },
  };
}

/** Since when its days count: by its own record, or by what was said of one that is not in the stores. */
function sinceOf(
  { condition, since }: Extract<PlannedDish, { kind: 'cooked' }>,
  food: FoodState | null,
): number | null {
  if (!food) return since;
  return condition === 'thawed' ? (food.thaw?.thawedAt ?? null) : food.daysFrom;
}
