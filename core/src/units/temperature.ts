import { snap } from './snap';

export type TemperatureUnit = 'C' | 'F';

/** A temperature as its source states it or its reader typed it; never converted until it is shown. */
export interface Temperature {
  readonly value: number;
  readonly unit: TemperatureUnit;
}

export const celsius = (value: number): Temperature => ({ value, unit: 'C' });
export const fahrenheit = (value: number): Temperature => ({ value, unit: 'F' });

/**
 * @returns the temperature in °C
 * @example toCelsius(fahrenheit(165)) // 73.888…
 */
export function toCelsius({ value, unit }: Temperature): number {
  return unit === 'C' ? value : snap(((value - 32) * 5) / 9, Math.abs(value) + 32);
}

/**
 * @returns the temperature in °F
 * @example toFahrenheit(celsius(75)) // 167
 */
export function toFahrenheit({ value, unit }: Temperature): number {
  return unit === 'F' ? value : snap((value * 9) / 5 + 32, Math.abs(value) + 32);
}

/** @returns the same temperature in the unit asked for */
export function inUnit(temperature: Temperature, unit: TemperatureUnit): Temperature {
  return { value: unit === 'C' ? toCelsius(temperature) : toFahrenheit(temperature), unit };
}

/** @returns a difference of temperatures, given in K, in the degrees of a unit */
export function kelvinIn(kelvin: number, unit: TemperatureUnit): number {
  return unit === 'C' ? kelvin : snap(kelvin * 1.8, Math.abs(kelvin));
}

/** @returns a difference of temperatures, given in degrees of a unit, in K */
export const kelvinOf = (degrees: number, unit: TemperatureUnit): number =>
  unit === 'C' ? degrees : degrees / 1.8;

/**
 * Compares two temperatures without rounding either: both are scaled to ninths of a kelvin (9 °C + 160 = 5 °F), which
 * keeps decimal inputs exact, so that 145 °F fails 63 °C and 165 °F fails 75 °C as they must.
 *
 * @returns negative when a is colder than b, zero when equal, positive when warmer
 */
export function compareTemperatures(a: Temperature, b: Temperature): number {
  if (a.unit === b.unit) return a.value - b.value;
  const scaled = ({ value, unit }: Temperature) => (unit === 'C' ? 9 * value + 160 : 5 * value);
  return snap(scaled(a) - scaled(b), Math.abs(scaled(a)));
}

export const isAtLeast = (a: Temperature, limit: Temperature): boolean => compareTemperatures(a, limit) >= 0;
export const isAtMost = (a: Temperature, limit: Temperature): boolean => compareTemperatures(a, limit) <= 0;
export const isAbove = (a: Temperature, limit: Temperature): boolean => compareTemperatures(a, limit) > 0;

/** @returns how far the reading is from the target, in the unit asked for; positive while the reading is colder */
export function degreesShort(reading: Temperature, target: Temperature, unit: TemperatureUnit): number {
  const goal = inUnit(target, unit).value;
  return snap(goal - inUnit(reading, unit).value, Math.abs(goal));
}
