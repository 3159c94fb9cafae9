import { keptAs, type FoodState } from '@omtel/core/trail';

/** What a probe is for, by the stage its food is in: only what belongs to that is shown. */
export type Purpose = 'cook' | 'reheat' | 'cool' | 'cold' | 'water' | 'kept';

/**
 * @param to what somebody is about to do with it, rather than only to read it
 */
export function purposeOf(
  {
    place,
    stage,
    cooked,
    chill,
    cook,
    held,
  }: Pick<FoodState, 'place' | 'stage' | 'cooked' | 'chill' | 'cook' | 'held'>,
  to: 'heat' | 'keep' | null,
): Purpose {
  const toHeat = to === 'heat';
  if (place === 'ice' && !toHeat) return 'kept';
  const isHot = keptAs({ place, cooked, cook }) === 'hot' && cook!.fellAt === null;
  if (isHot && (to === 'keep' || held?.checked === true)) return 'kept';
  if (place === 'heat' || stage === 'resting') return stage === 'reheating' ? 'reheat' : 'cook';
  if (toHeat) return cooked ? 'reheat' : 'cook';
  if (place === 'water') return 'water';
  return chill && cooked ? 'cool' : 'cold';
}
