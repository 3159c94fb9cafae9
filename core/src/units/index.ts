/**
 * Temperatures, masses, lengths and durations: exact round trips, formatting by unit system, typed figures.
 * No rule's number stands here.
 */
export { altitudeShown, altitudeUnitOf, toAltitudeM } from './altitude';
export {
  celsius,
  compareTemperatures,
  degreesShort,
  fahrenheit,
  inUnit,
  isAbove,
  isAtLeast,
  isAtMost,
  kelvinIn,
  kelvinOf,
  type Temperature,
  type TemperatureUnit,
  toCelsius,
  toFahrenheit,
} from './temperature';
export { fromKilograms, kilograms, type Mass, type MassUnit, pounds, toKilograms } from './mass';
export { fromLitres, type MeasureUnit, toLitres, type VolumeUnit } from './volume';
export { fromMetres, type Length, type LengthUnit, toMetres } from './length';
export {
  DAY_MS,
  formatDuration,
  formatDurationUp,
  formatHold,
  HOUR_MS,
  MINUTE_MS,
  SECOND_MS,
} from './duration';
export {
  axisDegrees,
  formatCeiling,
  formatLeastLength,
  formatLength,
  formatMass,
  formatMostLength,
  formatTarget,
  formatTemperature,
  formatMostVolume,
  formatVolumeUp,
  lengthUnitOf,
  massUnitOf,
  type UnitSystem,
  volumeUnitOf,
  wholeWithin,
} from './unitSystem';
export { snap } from './snap';
export { orProblem, type Problem, TypedProblem } from './typed';
export { parseNumber } from './parseNumber';
export { capital } from './capital';
export { convertTyped, type TypedUnit } from './convertTyped';
