import { isCanned } from '../foods';
import type { Payload } from '../record';

/** What is taken in a shop, as it is said by a plan, or as it came last. */
export type Taken = Pick<Payload<'added'>, 'foodKey' | 'name' | 'massKg' | 'form' | 'condition'> &
  Partial<Pick<Payload<'added'>, 'parts' | 'withoutAir' | 'unopened' | 'place'>>;

/** Whether it is as well at home without any cold, and on the way there: a can is bought closed, however the last one came. */
export const needsNoCold = ({ place, foodKey, parts = [] }: Taken): boolean =>
  place === 'cupboard' || (isCanned(foodKey) && parts.length === 0);

/**
 * What is recorded of food that was bought just now: it is on its way, and its clock runs until it is put away. What belongs into
 * the cupboard is there. A date on the last pack says nothing of this one.
 *
 * @param at when it left the cold, ms
 * @param bag whether it is carried in a cold bag
 */
export function bought(taken: Taken, at: number, bag: boolean): Payload<'added'> {
  const { foodKey, name, parts = [], massKg, form, condition, withoutAir, unopened } = taken;
  const dry = needsNoCold(taken);
  return {
    foodKey,
    name,
    ...(parts.length > 0 && { parts: [...parts] }),
    massKg,
    form,
    condition,
    ...(withoutAir && { withoutAir }),
    ...(unopened && { unopened }),
    place: dry ? 'cupboard' : 'car',
    ...(bag && !dry && { bag: true as const }),
    since: at,
  };
}
