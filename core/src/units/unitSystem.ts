import { fromKilograms, type MassUnit } from './mass';
import { fromMetres, toMetres, type Length, type LengthUnit } from './length';
import { inUnit, type Temperature, type TemperatureUnit } from './temperature';
import { fromLitres, type VolumeUnit } from './volume';

/** What a cook chose to see; temperature and mass are chosen apart, since kitchens mix them. */
export interface UnitSystem {
  readonly temperature: TemperatureUnit;
  readonly mass: 'metric' | 'imperial';
}

export const massUnitOf = (units: UnitSystem): MassUnit => (units.mass === 'metric' ? 'kg' : 'lb');
export const lengthUnitOf = (units: UnitSystem): LengthUnit => (units.mass === 'metric' ? 'cm' : 'in');

export const volumeUnitOf = (units: UnitSystem): VolumeUnit => (units.mass === 'metric' ? 'l' : 'qt');

/** Writes a number with at most `digits` decimals and no trailing zeros, and a minus sign as print has it. */
const plain = (value: number, digits: number): string =>
  String(Number(value.toFixed(digits))).replace('-', '−');

/**
 * A measured or ruled temperature. A value in its own unit is shown as it stands; a converted one is cut to a whole
 * degree (or to tenths), downwards for readings of food, so that the display never rounds up into a pass.
 *
 * @example formatTemperature(fahrenheit(165), { temperature: 'C', mass: 'metric' }) // '73.8 °C'
 */
export function formatTemperature(temperature: Temperature, units: UnitSystem): string {
  const { value } = inUnit(temperature, units.temperature);
  const shown = temperature.unit === units.temperature ? value : Math.floor(value * 10 + 1e-9) / 10;
  return `${plain(shown, 1)} °${units.temperature}`;
}

/**
 * A temperature along an axis, to the nearest degree.
 *
 * @example axisDegrees(celsius(-18), { temperature: 'C', mass: 'metric' }) // '−18°'
 */
export function axisDegrees(temperature: Temperature, units: UnitSystem): string {
  return `${plain(inUnit(temperature, units.temperature).value, 0)}°`;
}

/**
 * A limit of a rule, which must be reached: a converted limit is rounded up to the whole degree, so that a cook who
 * reaches the number on screen has reached the rule.
 *
 * @example formatTarget(fahrenheit(165), { temperature: 'C', mass: 'metric' }) // '74 °C'
 */
export function formatTarget(limit: Temperature, units: UnitSystem): string {
  return `${roundedLimit(limit, units, Math.ceil)} °${units.temperature}`;
}

/**
 * A limit of a rule, which must not be passed: a converted limit is rounded down to the whole degree.
 *
 * @example formatCeiling(fahrenheit(40), { temperature: 'C', mass: 'metric' }) // '4 °C'
 */
export function formatCeiling(limit: Temperature, units: UnitSystem): string {
  return `${roundedLimit(limit, units, Math.floor)} °${units.temperature}`;
}

function roundedLimit(limit: Temperature, units: UnitSystem, round: (n: number) => number): string {
  if (limit.unit === units.temperature) return plain(limit.value, 1);
  const { value } = inUnit(limit, units.temperature);
  const nearest = Math.round(value);
  return plain(Math.abs(value - nearest) < 1e-9 ? nearest : round(value), 0);
}

/**
 * @param massKg mass in kg
 * @example formatMass(2.4, { temperature: 'F', mass: 'imperial' }) // '5 lb 5 oz'
 */
export function formatMass(massKg: number, units: UnitSystem): string {
  if (units.mass === 'metric') {
    return massKg < 1 ? `${plain(massKg * 1000, 0)} g` : `${plain(massKg, 2)} kg`;
  }
  const ounces = Math.round(fromKilograms(massKg, 'oz'));
  const whole = Math.floor(ounces / 16);
  const rest = ounces % 16;
  if (whole === 0) return `${rest} oz`;
  return rest ? `${whole} lb ${rest} oz` : `${whole} lb`;
}

/**
 * The most whole units of length that stay within a limit, for a field that begins at a rule's limit.
 *
 * @example wholeWithin({ value: 2, unit: 'in' }, 'cm') // 5
 */
export function wholeWithin(limit: Length, unit: LengthUnit): number {
  return Math.floor(fromMetres(toMetres(limit), unit));
}

/**
 * @param lengthM length in m
 * @example formatLength(0.05, { temperature: 'C', mass: 'metric' }) // '5 cm'
 */
export function formatLength(lengthM: number, units: UnitSystem): string {
  const unit = lengthUnitOf(units);
  return `${plain(fromMetres(lengthM, unit), 1)} ${unit}`;
}

/**
 * A volume something takes, rounded up to tenths: what is as large is large enough.
 *
 * @param litres volume in l
 * @example formatVolumeUp(4.71, { temperature: 'C', mass: 'metric' }) // '4.8 l'
 */
export function formatVolumeUp(litres: number, units: UnitSystem): string {
  const unit = volumeUnitOf(units);
  return `${plain(Math.ceil(fromLitres(litres, unit) * 10 - 1e-9) / 10, 1)} ${unit}`;
}

/**
 * A volume that is not to be passed, cut to tenths.
 *
 * @param litres volume in l
 * @example formatMostVolume(100, { temperature: 'C', mass: 'metric' }) // '100 l'
 */
export function formatMostVolume(litres: number, units: UnitSystem): string {
  const unit = volumeUnitOf(units);
  return `${plain(Math.floor(fromLitres(litres, unit) * 10 + 1e-9) / 10, 1)} ${unit}`;
}

/**
 * A length of a rule, which must be kept: a converted one is rounded up to tenths.
 *
 * @example formatLeastLength({ value: 4, unit: 'in' }, { temperature: 'C', mass: 'metric' }) // '10.2 cm'
 */
export function formatLeastLength(limit: Length, units: UnitSystem): string {
  const unit = lengthUnitOf(units);
  if (limit.unit === unit) return `${plain(limit.value, 1)} ${unit}`;
  return `${plain(Math.ceil(fromMetres(toMetres(limit), unit) * 10 - 1e-9) / 10, 1)} ${unit}`;
}

/**
 * A length of a rule, which must not be passed: a converted one is cut to tenths, so that it never looks longer than it is.
 *
 * @example formatMostLength({ value: 2, unit: 'in' }, { temperature: 'C', mass: 'metric' }) // '5 cm'
 */
export function formatMostLength(limit: Length, units: UnitSystem): string {
  const unit = lengthUnitOf(units);
  if (limit.unit === unit) return `${plain(limit.value, 1)} ${unit}`;
  return `${plain(Math.floor(fromMetres(toMetres(limit), unit) * 10 + 1e-9) / 10, 1)} ${unit}`;
}
