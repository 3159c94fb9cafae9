import { isoDay, monthsLater } from '../time';
import { causes, type Cause } from './causes';
import type { Parting } from './parting';

/** So many months are looked back on, this one among them. */
export const MONTHS_BACK = 12;

/** What left the kitchen in one month, and how. */
export interface MonthBack {
  /** Such as '2026-06'. */
  readonly month: string;
  /** A moment in it, for its name. */
  readonly at: number;
  readonly eatenKg: number;
  readonly nearlyKg: number;
  readonly discardedKg: number;
  readonly discarded: readonly Parting[];
  readonly nearly: readonly Parting[];
}

const monthIn = (at: number, zone: string): string => isoDay(at, zone).slice(0, 'yyyy-MM'.length);

/** From here on what left is asked for: a moment before the first of the months. */
export const lookedBackSince = (now: number, zone: string): number => monthsLater(now, -MONTHS_BACK, zone);

/** The months up to now, the earliest first, each with what left in it; those in which nothing did are there too. */
export function monthsOf(partings: readonly Parting[], now: number, zone: string): readonly MonthBack[] {
  return Array.from({ length: MONTHS_BACK }, (_, index) => {
    const at = monthsLater(now, index - MONTHS_BACK + 1, zone);
    const month = monthIn(at, zone);
    const left = partings.filter((parting) => monthIn(parting.at, zone) === month);
    const discarded = left.filter(({ how }) => how === 'discarded');
    const nearly = left.filter((parting) => parting.nearly);
    return {
      month,
      at,
      eatenKg: kgOf(left.filter(({ how }) => how === 'eaten')),
      nearlyKg: kgOf(nearly),
      discardedKg: kgOf(discarded),
      discarded,
      nearly,
    };
  });
}

/** What would have saved most: the weight that was thrown away for each cause, the heaviest first. */
export function savings(partings: readonly Parting[]): readonly Saving[] {
  return causes
    .map((cause) => ({ cause, of: partings.filter((parting) => parting.cause === cause) }))
    .filter(({ of }) => of.length > 0)
    .map(({ cause, of }) => ({ cause, times: of.length, kg: kgOf(of) }))
    .sort((a, b) => b.kg - a.kg || b.times - a.times);
}

export interface Saving {
  readonly cause: Cause;
  readonly times: number;
  readonly kg: number;
}

const kgOf = (partings: readonly Parting[]): number => partings.reduce((sum, { massKg }) => sum + massKg, 0);
