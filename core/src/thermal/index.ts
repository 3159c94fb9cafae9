/**
 * Heat: material from composition, conduction with phase change, surroundings, the refrigerator as a node of air.
 * Food safety is not known here; nor is a kitchen's day.
 */
export {
  CompositionProblem,
  FreezingPointProblem,
  mustBePositive,
  SizeProblem,
  ThermalProblem,
} from './errors';
export {
  COLDEST_C,
  densityOfFood,
  enthalpyAt,
  HOTTEST_C,
  lookUp,
  type Material,
  materialOf,
  materialOfFood,
  temperatureAt,
} from './material';
export { type Microwave, microwaveThaw, USUAL_MICROWAVE } from './microwave';
export { type Face, faces, FACES, type Shape, volumeOf } from './shapes';
export {
  checkSegments,
  EnvironmentProblem,
  type FaceEnvironment,
  faceOf,
  sameThroughout,
  type Segment,
  throughWall,
} from './environment';
export { type Coefficient, media, type Medium } from './media';
export {
  checkRefrigerator,
  compressorRuns,
  type Neighbour,
  type Refrigerator,
  untilThermostatTurns,
  USUAL_REFRIGERATOR,
} from './refrigerator';
export { crossingS, type Series, trailingMean, valueAt } from './series';
export {
  forecast,
  ForecastCancelled,
  type ForecastInput,
  type Moment,
  type OnProgress,
  StartProblem,
} from './forecast';
export { evaporation, saturatedVapour } from './evaporation';
export { conductivity, density, iceFraction, makeupOf, specificHeat } from './properties';
