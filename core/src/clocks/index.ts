/**
 * What runs while food is kept: time in the growth band, cooling stages, days of life, thaws, power cuts; each knows
 * the narrow facts it needs.
 * The whole food (`trail`) and what is ruled (`judge`) are not known here.
 */
export { type Air, openInAir, uncontrolled, unknownAir } from './air';
export {
  beginChill,
  beginFromRoom,
  canRescue,
  type Chill,
  chilled,
  isLost,
  marksAt,
  marksOf,
  type MarkStanding,
  type MarkStatus,
  rescueEndsAt,
} from './chill';
export { chillLimit, isEatenCold, isPast, isWarmedInWater, tooLateToChill } from './chillAgain';
export {
  bandEndsAt,
  bandTime,
  closeExposure,
  crossing,
  type Exposure,
  knownPast,
  type Ledger,
  ledgerOf,
  openExposure,
  restartExposure,
  runningExposure,
  withoutUnread,
  withoutWayHere,
} from './exposure';
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
export { mayFreeze } from './freezing';
export {
  aimOf,
  type CountedDays,
  endOf,
  type Life,
  lifeAfterThaw,
  livesOf,
  printedEnd,
  type PrintedDate,
  thawedAt,
} from './life';
export { type Pause, pausedMs, pausesUntil } from './pauses';
export { powerOffIn } from './power';
export {
  isDone,
  isStuffed,
  missingPlaces,
  placeRead,
  placesNeeded,
  type PlacesNeeded,
  placesOf,
  placesStanding,
  type PlaceStanding,
  type ProbeReading,
  withReading,
} from './probing';
export type { TrailReading } from './reading';
export { beginningOf, type Spell, unsureAt } from './spell';
export { isStoreRight, warmestAir } from './storeAir';
export {
  foundThawed,
  leftMethod,
  newThaw,
  refrigeratorThaw,
  type ThawState,
  usedBeforeFreezing,
  waterDueAt,
  waterFault,
  type WaterFault,
} from './thaw';
export { openBy } from './withoutAir';
