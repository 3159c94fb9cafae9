import type { FoodState } from '@omtel/core/trail';
import { orProblem, parseNumber, toKilograms, type MassUnit } from '@omtel/core/units';

/** The weight of a part, which leaves something of the whole; or a sentence for the field. */
export function readShare(
  text: string,
  unit: MassUnit,
  wholeKg: number,
): { massKg: number } | { problem: string } {
  return orProblem(() => {
    const massKg = toKilograms({ value: parseNumber(text), unit });
    if (massKg <= 0) return { problem: 'The weight must be more than nothing.' };
    return massKg < wholeKg ? { massKg } : { problem: 'Less than the whole.' };
  });
}

/** How many of a food's portions a part of it is, at least one; nothing where they were never counted. */
export function portionsOf({ container, massKg: wholeKg }: FoodState, massKg: number): { portions?: number } {
  return container ? { portions: Math.max(1, Math.round((container.portions * massKg) / wholeKg)) } : {};
}
