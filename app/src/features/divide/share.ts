import { readMass } from '@omtel/core/foods';
import type { FoodState } from '@omtel/core/trail';
import { massUnitOf, type Problem, type UnitSystem } from '@omtel/core/units';

/** The weight of a part, which leaves something of the whole; or a sentence for the field. */
export function readShare(text: string, units: UnitSystem, wholeKg: number): { massKg: number } | Problem {
  const read = readMass(text, massUnitOf(units), units);
  if ('problem' in read || read.massKg < wholeKg) return read;
  return { problem: 'Less than the whole.' };
}

/** How many of a food's portions a part of it is, at least one; nothing where they were never counted. */
export function portionsOf({ container, massKg: wholeKg }: FoodState, massKg: number): { portions?: number } {
  return container ? { portions: Math.max(1, Math.round((container.portions * massKg) / wholeKg)) } : {};
}
