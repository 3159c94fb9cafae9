import { snap } from './snap';

export type LengthUnit = 'cm' | 'in' | 'm';

/** A length as typed or as a source states it. */
export interface Length {
  readonly value: number;
  readonly unit: LengthUnit;
}

/** Metres in one unit; the inch is exactly 25.4 mm. */
const METRES: Record<LengthUnit, number> = { m: 1, cm: 0.01, in: 0.0254 };

/** @returns the length in m */
export function toMetres({ value, unit }: Length): number {
  return snap(value * METRES[unit]);
}

/** @returns the number of the given units in a length of `lengthM` metres */
export function fromMetres(lengthM: number, unit: LengthUnit): number {
  return snap(lengthM / METRES[unit]);
}
