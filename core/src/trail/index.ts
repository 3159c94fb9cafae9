export {
  eventSchema,
  type EventType,
  type FoodEvent,
  type Payload,
  payloads,
  type Place,
  type Shelf,
  shelves,
  temperatureSchema,
} from './events';
export { coolingPlanSchema } from './coolingPlan';
export type { FoodState } from './state';
export { type ThawState, usedBeforeFreezing, waterDueAt } from './thaw';
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
export { asCorrected, isBeginning, settle, whyRefused } from './settling';
export { latestPast } from './pastTimes';
export { type ProbePlace, probePlaces } from './probePlaces';
export { isStuffed, placesOf, type PlaceStanding } from './probing';
export { PLACE_LABELS, PLACE_OF_PROBE } from './probeWords';
export { cookStanding, type CookStanding } from './cookStanding';
export { dividedFrom } from './beginning';
export { type JudgeContext, zonesOf } from './finding';
export { judge } from './judge';
export { judgeLately } from './lately';
export {
  type ActionKind,
  type Deadline,
  type Reason,
  type Ruling,
  severity,
  type Verdict,
  VERDICT_WORDS,
  verdicts,
} from './ruling';
export { bandEndsAt, bandTime, type Exposure, runningExposure } from './exposure';
export { marksAt } from './chill';
export { chillLimit } from './chillAgain';
export { goalOf, needsOf } from './cookReadings';
export {
  afterThawOf,
  bandLimit,
  isHeated,
  kindsOf,
  mindsTheBand,
  reheatTargetOf,
  storageOf,
  targetOf,
} from './foodRules';
export { type Sketch, sketchTrail } from './sketch';
export { byEatNext } from './eatNext';
export { isStoreRight } from './storeAir';
export { uncontrolled } from './air';
export { canBeAnothers, likeliestFirst } from './anothers';
export { mayFreeze } from './freezing';
export { inTheCold } from './placing';
export { powerOffIn } from './power';
export { endOf, lifeAfterThaw, livesOf, printedEnd } from './life';
export { throughTime } from './throughTime';
export { eventWords, placeWords, SHELF_WORDS } from './eventWords';
