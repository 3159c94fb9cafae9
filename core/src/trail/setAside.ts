import { isKnownFood } from '../foods';
import type { RuleSet } from '../guidance';
import type { Place } from '../record';
import { newFood } from './beginning';
import type { FoodState } from './state';

/** What is known of a food by itself, whatever its history says: its name, and where it was last. */
export interface LastKnown {
  readonly foodId: string;
  readonly foodKey: string;
  readonly name: string;
  readonly massKg: number;
  readonly form: FoodState['form'];
  readonly place: Place;
}

/** What stands for a kind nobody knows any more: it is only named, never ruled to be good. */
const SOME_DISH = 'bean-stew';

/**
 * A food whose history cannot be folded, as it is shown until it can be: by its name where it was, and nothing known of it.
 *
 * @param at since when it is set aside, epoch ms
 */
export function setAside(known: LastKnown, at: number, rules: RuleSet): FoodState {
  const { foodId, foodKey, name, massKg, form, place } = known;
  const stored = place === 'freezer' || place === 'refrigerator' ? place : 'counter';
  const state = newFood(
    {
      id: foodId,
      foodId,
      at,
      type: 'added',
      payload: {
        foodKey: isKnownFood(foodKey) ? foodKey : SOME_DISH,
        name,
        massKg,
        form,
        condition: 'cooked',
        place: stored,
        since: null,
      },
    },
    rules,
  );
  return { ...state, place: place === 'gone' ? 'gone' : state.place, setAside: true };
}
