import { says } from './kitchenWords';
import { LONGEST_NAME } from './forms';
import { z } from 'zod';
import { isKnownFood } from './catalogue';

const MOST_KINDS = 13;

/** A food by a name of the household's own, and the kinds of the catalogue it is ruled as: the strictest rule of each. */
export const ownFoodSchema = z
  .object({
    id: z.uuid(),
    name: z.string().trim().min(1, 'A name, to find it by.').max(LONGEST_NAME),
    kinds: z
      .array(z.string().refine(isKnownFood, { message: 'No such food in the catalogue.' }))
      .min(1)
      .max(MOST_KINDS),
  })
  .strict();

export type OwnFood = z.infer<typeof ownFoodSchema>;

/** The household's own foods that fit what was typed; blank text gives them all. */
export function searchOwnFoods(own: readonly OwnFood[], text: string): readonly OwnFood[] {
  return own.filter(({ name }) => says(name, text));
}
