/**
 * Thawing, cooling and roasting of a food in a kitchen: `thermal` told in a cook's terms, with what was assumed.
 * A forecast informs and never loosens a rule: nothing here rules.
 */
export {
  type Assumption,
  proportionsSpread,
  type Surroundings,
  THAW_SURROUNDINGS,
  TOLERANCE,
  WRAP,
} from './assumptions';
export { bodyOf, longestM, thickestPart, usualThickness } from './geometry';
export { madeOf, timesH, type Tweaks, withTweaks } from './tweaks';
export {
  NeverThaws,
  thawAssumptions,
  thawBand,
  type ThawBand,
  thawedAtC,
  type ThawInput,
  thawLeft,
  type ThawPlace,
} from './thaw';
export {
  type Container,
  containerById,
  containerWords,
  containers,
  depthIn,
  DoesNotFit,
  fewestOf,
  filled,
} from './containers';
export {
  coolAt,
  COOLING_S,
  coolingBand,
  coolingFrom,
  type CoolingBand,
  type CoolingInput,
  type CoolingPlace,
  fitTo,
  isThin,
  neighbourOf,
  ROOM_C,
  type Stay,
  USUAL_NEIGHBOURS,
} from './cooling';
export {
  cheapestChange,
  type CoolingChange,
  coolingVerdict,
  type CoolingVerdict,
  type MarkForecast,
  type Passing,
} from './coolingVerdict';
export { type Factor, type Unmet } from './factor';
export {
  type CarryOver,
  type CoreReading,
  NeverReached,
  roastForecast,
  type RoastForecast,
  type RoastInput,
} from './roast';
export { startC } from './startC';
export { steepestRise } from './steepest';
export { runTrial, type Trial, type TrialPlace, trialPlaces, usualH } from './trial';
