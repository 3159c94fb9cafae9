import { isStuffed } from '@omtel/core/clocks';
import type { FoodState } from '@omtel/core/trail';
import type { FigureId } from './figures';

type Shown = Pick<FoodState, 'foodKey' | 'parts' | 'form' | 'place' | 'stage'>;

/** The drawing of a food as it is now: a bird with its stuffing, a pot on the heat and a tub in the cold. */
export function figureOf(food: Shown): FigureId {
  const { form, place, stage } = food;
  const hot = place === 'heat' || stage === 'cooking' || stage === 'resting' || stage === 'serving';
  switch (form) {
    case 'wholeBird':
    case 'halfBird':
      return isStuffed(food) ? 'stuffedBird' : 'bird';
    case 'boneInJoint':
      return 'boneInJoint';
    case 'bonelessJoint':
      return 'rolledJoint';
    case 'steak':
      return 'steak';
    case 'pieces':
      return 'pieces';
    case 'fillet':
    case 'wholeFish':
      return 'fillet';
    case 'ground':
      return 'patty';
    case 'flatPack':
      return hot ? 'dish' : 'packs';
    case 'dish':
      return 'dish';
    case 'liquid':
      return hot ? 'pot' : 'tub';
    case 'can':
      return 'tub';
  }
}
