/**
 * What is bought for a table: how much, and what a weight serves and leaves; when, so that it keeps until it is on the heat.
 * What is done with it is `meal`'s.
 */
export { bought, needsNoCold, type Taken } from './bought';
export { type Buying, buyingOf } from './buying';
export { leavesSome, leftUntil } from './leftUntil';
export { type ShopPlace, shoppingList, type ToBuy } from './list';
export { WEEK_MS, weekShopping, type WeekThing } from './week';
export {
  type Eaters,
  massFor,
  massOf,
  type Masses,
  portionsFrom,
  portionsIn,
  portionsOf,
  portionsWanted,
  servingOf,
  type Wanted,
} from './servings';
