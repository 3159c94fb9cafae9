import type { FoodState } from '@omtel/core/trail';

/** What a probe is for, by the stage its food is in: only what belongs to that is shown. */
export type Purpose = 'cook' | 'reheat' | 'cool' | 'cold' | 'water';

/**
 * @param toHeat whether somebody is about to put it on the heat, rather than only to read it
 */
export function purposeOf(
  { place, stage, cooked, chill }: Pick<FoodState, 'place' | 'stage' | 'cooked' | 'chill'>,
  toHeat: boolean,
): Purpose {
  if (place === 'heat' || stage === 'resting') return stage === 'reheating' ? 'reheat' : 'cook';
  if (toHeat) return cooked ? 'reheat' : 'cook';
  if (place === 'water') return 'water';
  return chill && cooked ? 'cool' : 'cold';
}
