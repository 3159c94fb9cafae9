import { NumberProblem, parseNumber, toKilograms, type MassUnit } from '@omtel/core/units';

/** The weight of a part, which leaves something of the whole; or a sentence for the field. */
export function readShare(
  text: string,
  unit: MassUnit,
  wholeKg: number,
): { massKg: number } | { problem: string } {
  try {
    const massKg = toKilograms({ value: parseNumber(text), unit });
    if (massKg <= 0) return { problem: 'The weight must be more than nothing.' };
    return massKg < wholeKg ? { massKg } : { problem: 'Less than the whole.' };
  } catch (error) {
    if (error instanceof NumberProblem) return { problem: error.message };
    throw error;
  }
}
