export { dividedFrom } from './beginning';
export { goalOf, needsOf } from './cookReadings';
export { cookStanding, type CookStanding } from './cookStanding';
export { withCountsClosed, withDate, withDaysUsed } from './counts';
export {
  BrokenTrail,
  FOLD_VERSION,
  foldEvent,
  foldTrail,
  followsOn,
  guidanceOf,
  type Histories,
  referredTo,
  rulesOfFood,
  wholeHistory,
} from './fold';
export { inTheCold } from './placing';
export { type Sketch, sketchTrail } from './sketch';
export type { Fault, FoodState } from './state';
export { cookReadAt, throughTime } from './throughTime';
