import { fromKilograms, toKilograms, type MassUnit } from './mass';
import { fromMetres, toMetres, type LengthUnit } from './length';
import { parseNumber } from './parseNumber';
import { inUnit, type TemperatureUnit } from './temperature';
import { TypedProblem } from './typed';

/** The unit that stands after a field. */
export type TypedUnit = `°${TemperatureUnit}` | MassUnit | LengthUnit;

const MASSES: ReadonlySet<string> = new Set<MassUnit>(['kg', 'g', 'lb', 'oz']);
const LENGTHS: ReadonlySet<string> = new Set<LengthUnit>(['cm', 'in', 'm']);

/** As finely as a kitchen measures. */
const DIGITS = 2;

/**
 * What was typed, in another unit: converted, never read anew. What is no number yet, and units of two kinds, leave it as it
 * is.
 *
 * @example convertTyped('165', '°F', '°C') // '73.89'
 */
export function convertTyped(text: string, from: TypedUnit, to: TypedUnit): string {
  try {
    const converted = converter(from, to)?.(parseNumber(text));
    return converted === undefined ? text : String(Number(converted.toFixed(DIGITS)));
  } catch (error) {
    if (error instanceof TypedProblem) return text;
    throw error;
  }
}

function converter(from: TypedUnit, to: TypedUnit): ((value: number) => number) | null {
  if (from.startsWith('°') && to.startsWith('°'))
    return (value) => inUnit({ value, unit: from[1] as TemperatureUnit }, to[1] as TemperatureUnit).value;
  if (MASSES.has(from) && MASSES.has(to))
    return (value) => fromKilograms(toKilograms({ value, unit: from as MassUnit }), to as MassUnit);
  if (LENGTHS.has(from) && LENGTHS.has(to))
    return (value) => fromMetres(toMetres({ value, unit: from as LengthUnit }), to as LengthUnit);
  return null;
}
