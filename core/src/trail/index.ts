/**
 * What a history amounts to: the food's state, the fold, a meal's,  beginnings, joining and dividing, one file for each kind of
 * happening.
 * What is ruled on it belongs to `judge`.
 */
export { dividedFrom } from './beginning';
export { goalOf, needsOf } from './cookReadings';
export { cookStanding, type CookStanding } from './cookStanding';
export { withCountsClosed, withDate, withDaysUsed } from './counts';
export {
  BrokenTrail,
  FOLD_VERSION,
  foldEvent,
  foldInCare,
  foldTrail,
  followsOn,
  guidanceOf,
  type Histories,
  IN_CARE,
  referredTo,
  rulesOfFood,
  wholeHistory,
} from './fold';
export { afterMealEvent, boughtKey, type MealState, type Ticked, UnplannedMeal } from './mealState';
export {
  type CheckLeft,
  checkBy,
  checkLeft,
  type Kept,
  keptAs,
  keptStanding,
  type KeptStanding,
} from './holding';
export { inTheCold } from './placing';
export { type LastKnown, setAside } from './setAside';
export { type Sketch, sketchTrail } from './sketch';
export type { CookState, Fault, FoodState } from './state';
export { cookReadAt, throughTime } from './throughTime';
