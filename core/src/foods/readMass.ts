import {
  formatMass,
  orProblem,
  parseNumber,
  toKilograms,
  type MassUnit,
  type Problem,
  type UnitSystem,
} from '../units';
import { HEAVIEST_KG } from './forms';

/**
 * The weight of a food as it was typed.
 *
 * @param unit what it was typed in
 * @param units what the most there can be is told in
 * @returns the weight, kg, or a sentence for its field
 */
export function readMass(text: string, unit: MassUnit, units: UnitSystem): { massKg: number } | Problem {
  return orProblem(() => {
    const massKg = toKilograms({ value: parseNumber(text), unit });
    if (!(massKg > 0)) return { problem: 'The weight must be more than nothing.' };
    if (massKg > HEAVIEST_KG)
      return {
        problem: `More than a home kitchen holds (${formatMass(HEAVIEST_KG, units)}). Check the weight.`,
      };
    return { massKg };
  });
}
