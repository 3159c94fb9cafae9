import type { FormId } from '../foods';
import {
  fromMetres,
  toKilograms,
  toMetres,
  type Length,
  type LengthUnit,
  type Mass,
  type MassUnit,
} from '../units';

/** A weight or a length that is likelier a slip: what to ask, and what was likelier meant, if anything was. */
export interface SizeSlip<Size> {
  readonly question: string;
  readonly meant: Size | null;
}

/** The lightest and the heaviest that is bought or made of one form, kg. */
const MASSES: Record<FormId, readonly [lightest: number, heaviest: number]> = {
  wholeBird: [0.1, 15],
  halfBird: [0.1, 8],
  boneInJoint: [0.2, 12],
  bonelessJoint: [0.2, 10],
  steak: [0.03, 5],
  pieces: [0.02, 6],
  fillet: [0.03, 5],
  wholeFish: [0.05, 8],
  ground: [0.03, 5],
  flatPack: [0.02, 5],
  dish: [0.03, 10],
  liquid: [0.02, 20],
  can: [0.03, 5],
};

const OTHER_MASSES: Record<MassUnit, readonly MassUnit[]> = {
  kg: ['g', 'lb', 'oz'],
  g: ['kg'],
  lb: ['oz', 'kg', 'g'],
  oz: ['lb', 'g'],
};

/** What to ask before a weight is kept; null where it is to be believed. */
export function massSlip(typed: Mass, form: FormId): SizeSlip<Mass> | null {
  const [lightest, heaviest] = MASSES[form];
  const within = (mass: Mass) => toKilograms(mass) >= lightest && toKilograms(mass) <= heaviest;
  if (within(typed)) return null;
  const meant = OTHER_MASSES[typed.unit].map((unit) => ({ value: typed.value, unit })).find(within) ?? null;
  return { question: questionOf(typed, meant), meant };
}

/** As deep as food stands in any kitchen's container, m. */
const DEPTHS = [0.005, 0.2] as const;
const TEN = 10;

/** What to ask before a depth is kept: millimetres and centimetres are easily taken for one another. */
export function depthSlip(typed: Length): SizeSlip<Length> | null {
  const within = (length: Length) => toMetres(length) >= DEPTHS[0] && toMetres(length) <= DEPTHS[1];
  if (within(typed)) return null;
  const inCm = { value: typed.value, unit: 'cm' } as const;
  const tenth = { value: typed.value / TEN, unit: 'cm' } as const;
  const candidates = typed.unit === 'cm' ? [tenth] : [inCm, tenth];
  const found = candidates.find(within);
  const meant = found ? asUnit(found, typed.unit) : null;
  return { question: questionOf(typed, meant), meant };
}

const asUnit = (length: Length, unit: LengthUnit): Length => ({
  value: Number(fromMetres(toMetres(length), unit).toFixed(1)),
  unit,
});

/** As it was typed. */
export const writtenSize = ({ value, unit }: Mass | Length): string => `${value} ${unit}`;

function questionOf(typed: Mass | Length, meant: Mass | Length | null): string {
  return meant
    ? `${writtenSize(typed)}? Did you mean ${writtenSize(meant)}?`
    : `${writtenSize(typed)}? That is hardly possible.`;
}
