import { LONGEST_NAME } from '@omtel/core/foods';
import type { inTubs, tubsOf } from '@omtel/core/kitchen';
import type { FoodEvent } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { newEvent } from '../../store/outbox/record';
import { dividing, portionsOf } from '../divide';

/** How a batch is parted: what stays, and what goes into the freezer in tubs. */
export type Parted = Pick<ReturnType<typeof tubsOf>, 'keep' | 'freeze'> &
  ReturnType<typeof inTubs> & { readonly aTub: number };

/**
 * What is recorded when a batch goes into tubs: each is a food of its own with the trail so far, and is frozen. Where nothing stays,
 * the last of them is what is left of the batch.
 *
 * @returns the events, and whose labels are wanted: the tubs, and what stays
 */
export function intoTubs(
  food: FoodState,
  { keep, freeze, tubs, last, aTub }: Parted,
  at: number,
): { readonly events: readonly FoodEvent[]; readonly labelled: readonly string[] } {
  const parts = keep > 0 ? tubs : tubs - 1;
  const made = Array.from({ length: parts }, (_, i) => {
    const share = (keep > 0 && i === tubs - 1 ? last : aTub) / (keep + freeze);
    const massKg = food.massKg * share;
    const of = `, tub ${i + 1}`;
    return dividing(food, at, {
      name: `${food.name.slice(0, LONGEST_NAME - of.length).trim()}${of}`,
      massKg,
      ...portionsOf(food, massKg),
    });
  });
  const frozen = [...made.map(({ to }) => to), ...(keep > 0 ? [] : [food.foodId])];
  return {
    events: [
      ...made.flatMap(({ events }) => events),
      ...frozen.map((id) => newEvent(id, at, 'moved', { place: 'freezer' })),
    ],
    labelled: keep > 0 ? [...frozen, food.foodId] : frozen,
  };
}
