import type { FoodList } from './foods';
import type { Household } from '../household/household';

/** What a page that lists foods is told with it, so that it need not ask. */
export interface FirstPage {
  readonly household: Household;
  readonly foods: FoodList;
}

/** The id of the element of the page that tells it, as JSON. */
export const TOLD_IN_PAGE = 'told';
