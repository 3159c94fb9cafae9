/**
 * What tells a cook how warm it is, and how far it is to be trusted: kinds, checks and what they amount to, what to add to a figure.
 * What a reading proves of a food is `trail`'s and `judge`'s.
 */
export { boilingPointC, HIGHEST_M, kitchensLie, LOWEST_M, pressureAt } from './boiling';
export { correctionOf, isNearLimit, uncertaintyK } from './corrected';
export { KINDS, type KindOfThermometer, type ThermometerKind, thermometerKinds } from './kinds';
export {
  type CheckPoint,
  type Mishap,
  MOST_THERMOMETERS,
  type Thermometer,
  type ThermometerEntry,
  thermometerSchema,
  withEntry,
} from './schema';
export { keptWith } from './shown';
export { type Known, offsetOf, type Standing, standingOf } from './standing';
export { degreesWords, spanWords, standingWords } from './standingWords';
