import { snap } from './snap';

export type MassUnit = 'kg' | 'g' | 'lb' | 'oz';

/** A mass as typed or as a source states it. */
export interface Mass {
  readonly value: number;
  readonly unit: MassUnit;
}

/** Kilograms in one unit; the avoirdupois pound is exact by definition (International yard and pound, 1959). */
const KILOGRAMS: Record<MassUnit, number> = { kg: 1, g: 0.001, lb: 0.45359237, oz: 0.45359237 / 16 };

export const kilograms = (value: number): Mass => ({ value, unit: 'kg' });
export const pounds = (value: number): Mass => ({ value, unit: 'lb' });

/**
 * @returns the mass in kg
 * @example toKilograms({ value: 5, unit: 'lb' }) // 2.26796185
 */
export function toKilograms({ value, unit }: Mass): number {
  return snap(value * KILOGRAMS[unit]);
}

/**
 * @param massKg mass in kg
 * @returns the number of the given units
 */
export function fromKilograms(massKg: number, unit: MassUnit): number {
  return snap(massKg / KILOGRAMS[unit]);
}
