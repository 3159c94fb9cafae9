import type { Settings } from '@omtel/core/api';
import { foodById } from '@omtel/core/foods';
import { heaviestIn, roomFor } from '@omtel/core/kitchen';
import { orProblem, parseNumber, toMetres, type LengthUnit, type Problem } from '@omtel/core/units';
import { KIND_OF, type Served } from './servingsDraft';

export type Room = 'oven' | 'tin' | 'pot' | 'refrigerator';

/** How heavy a piece may be for a place of the kitchen. */
export interface Fit {
  readonly room: Room;
  /** How wide or large it is, m or l; null where nobody said. */
  readonly size: number | null;
  /** kg; null where nobody said how large the place is. */
  readonly mostKg: number | null;
}

const LONGEST_M = 2;

/** The longest side of a tin as it is typed, m; null where nothing is. */
export function readTin(text: string, unit: LengthUnit): { readonly tinM: number | null } | Problem {
  if (text.trim() === '') return { tinM: null };
  const read = orProblem(() => ({ tinM: toMetres({ value: parseNumber(text), unit }) }));
  if ('problem' in read || (read.tinM > 0 && read.tinM <= LONGEST_M)) return read;
  return { problem: 'More than nothing, and at most two metres.' };
}

/** The heaviest piece of a form that goes into what the household has. */
export function whatFits(form: Served, kitchen: Settings['kitchen'], tinM: number | null): readonly Fit[] {
  const { longM, potLitres, coldLitres } = roomFor(foodById(KIND_OF[form]), form);
  const fit = (room: Room, size: number | null, taken: ((massKg: number) => number) | null): Fit[] =>
    taken ? [{ room, size, mostKg: size === null ? null : heaviestIn(taken, size) }] : [];
  const widths = kitchen.ovens.map(({ widestM }) => widestM);
  // One that nobody measured may take it.
  const widest = widths.some((width) => width === null) ? null : Math.max(...widths.map(Number));
  return [
    ...(widths.length ? fit('oven', widest, longM) : []),
    ...(tinM === null ? [] : fit('tin', tinM, longM)),
    ...(kitchen.rings > 0 ? fit('pot', kitchen.potLitres, potLitres) : []),
    ...fit('refrigerator', kitchen.coldLitres, coldLitres),
  ];
}
