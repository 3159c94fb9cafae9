import { foodById, says } from '@omtel/core/foods';
import { placeWords } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import type { Ruling } from '@omtel/core/judge';

/** A food at hand with its ruling. */
export interface RuledFood {
  readonly food: FoodState;
  readonly ruling: Ruling;
  /** Who of the table may not eat it, though others may, by name; null: nobody. */
  readonly notFor: string | null;
}

const NOT_TO_EAT: ReadonlySet<Ruling['verdict']> = new Set(['discard', 'cannotTell']);

/** What is at hand under four headings, what must not be eaten first; within each as it came, by what to eat next. */
export function byUrgency(ruled: readonly RuledFood[]): { title: string; data: readonly RuledFood[] }[] {
  const titleOf = ({ food, ruling }: RuledFood): string => {
    if (food.sealed) return 'Cupboard';
    if (NOT_TO_EAT.has(ruling.verdict)) return 'Settle first';
    return food.place === 'freezer' ? 'Freezer' : 'Eat next';
  };
  return ['Settle first', 'Eat next', 'Freezer', 'Cupboard'].map((title) => ({
    title,
    data: ruled.filter((each) => titleOf(each) === title),
  }));
}

/** Whether a food is what somebody looks for: by its name, its kind, or where it is, in any order of words. */
export function isSought({ food }: RuledFood, text: string): boolean {
  const kinds = [food.foodKey, ...food.parts].map((id) => foodById(id).name);
  return says([food.name, ...kinds, placeWords(food.place)].join(' '), text);
}
