import type { DurationRange } from '../guidance';
import { DAY_MS } from '../units';
import { within } from './problem';

/** What there is, and who eats of it. */
export interface Batch {
  readonly portions: number;
  /** Portions eaten at one meal, and how many days lie between two such meals. */
  readonly aMeal: number;
  readonly everyMs: number;
  /** How long it keeps in the refrigerator from when the first of these meals may be, ms. */
  readonly keepsMs: number;
}

export interface Tubs {
  /** When it is eaten from the refrigerator, ms from the start, and how many portions. */
  readonly meals: readonly { readonly afterMs: number; readonly portions: number }[];
  readonly keep: number;
  readonly freeze: number;
}

const MOST_PORTIONS = 200;

/**
 * How much of a batch stays in the refrigerator and how much is frozen at once: no meal is planned past the last of its days, and
 * nothing is kept in the cold that no meal eats.
 *
 * @throws KitchenProblem
 * @example tubsOf({ portions: 10, aMeal: 2, everyMs: DAY_MS, keepsMs: 3 * DAY_MS }) // keep 6, freeze 4
 */
export function tubsOf({ portions, aMeal, everyMs, keepsMs }: Batch): Tubs {
  someOf(portions, 'portions');
  someOf(aMeal, 'aMeal');
  const meals: { afterMs: number; portions: number }[] = [];
  let left = portions;
  for (let afterMs = everyMs; afterMs <= keepsMs && left > 0; afterMs += everyMs) {
    const eaten = Math.min(aMeal, left);
    meals.push({ afterMs, portions: eaten });
    left -= eaten;
  }
  return { meals, keep: portions - left, freeze: left };
}

/** How long food keeps by a rule of days, ms from when it was cooked: calendar days end with the last of them. */
export const keptFor = ({ highMs, calendarDays }: DurationRange): number =>
  calendarDays === undefined ? highMs : Math.min(highMs, (calendarDays - 1) * DAY_MS);

/** How many tubs so many portions fill, and what is in the last where it is less. */
export function inTubs(portions: number, aTub: number): { readonly tubs: number; readonly last: number } {
  someOf(aTub, 'aTub');
  const tubs = Math.max(0, Math.ceil(portions / aTub - 1e-9));
  return { tubs, last: tubs === 0 ? 0 : portions - (tubs - 1) * aTub };
}

const someOf = (portions: number, of: string): void =>
  within(portions, 0, MOST_PORTIONS, `More than none, and at most ${MOST_PORTIONS}.`, of);
