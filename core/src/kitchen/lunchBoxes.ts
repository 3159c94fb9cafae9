import type { DurationRange, RuleSet } from '../guidance';
import { atClock, endOfDay, type ClockTime } from '../time';
import { carryingTime, type Carried, type Carrying } from './carrying';
import { DAY_MS } from '../units';
import { KitchenProblem, within } from './problem';

/** Boxes filled from one dish, one for each day from the next on. */
export interface Lunches {
  readonly boxes: number;
  readonly cookedAt: number;
  /** When a box is eaten. */
  readonly eatenAt: ClockTime;
  readonly zone: string;
}

export interface Lunch {
  readonly at: number;
  /** Where its box waits: within its days in the refrigerator, past them in the freezer from the first. */
  readonly from: 'refrigerator' | 'freezer';
}

const MOST_BOXES = 14;

/** Until when what was cooked keeps in the refrigerator by a rule of days; calendar days end with the last of them. */
export const keepsUntil = (
  { highMs, calendarDays }: DurationRange,
  cookedAt: number,
  zone: string,
): number =>
  calendarDays === undefined
    ? cookedAt + highMs
    : Math.min(cookedAt + highMs, endOfDay(cookedAt, calendarDays - 1, zone));

/**
 * Where the box of each day waits for it. What is eaten past the days is frozen at once, not when they are over.
 *
 * @throws KitchenProblem
 */
export function lunchBoxes(
  { boxes, cookedAt, eatenAt, zone }: Lunches,
  storage: DurationRange,
): readonly Lunch[] {
  within(boxes, 0, MOST_BOXES, `More than none, and at most ${MOST_BOXES}.`, 'boxes');
  const until = keepsUntil(storage, cookedAt, zone);
  return Array.from({ length: Math.ceil(boxes) }, (_, day) => {
    const at = atClock(cookedAt, day + 1, eatenAt, zone);
    return { at, from: at <= until ? 'refrigerator' : 'freezer' };
  });
}

/** How a box is taken along: as it is, in a bag with frozen packs, or not so long. */
export type TakenAlong = 'asItIs' | 'inBag' | 'tooLong';

/**
 * How a box may be out of the cold for so long: a lunch is eaten from it, and what is left is not kept.
 *
 * @param forMs from one refrigerator to the plate, or to the next refrigerator
 * @throws KitchenProblem
 */
export function takenAlong(
  forMs: number,
  carried: Omit<Carried, 'outMs'>,
  rules: RuleSet,
): { readonly how: TakenAlong; readonly carrying: Carrying } {
  if (!(forMs >= 0 && forMs <= DAY_MS)) throw new KitchenProblem('From none to a day.', 'out');
  const carrying = carryingTime({ ...carried, outMs: 0 }, rules);
  const fits = (ms: number | null) => ms === null || (carrying.inclusive ? forMs <= ms : forMs < ms);
  return {
    how: fits(carrying.leftMs) ? 'asItIs' : fits(carrying.inBagMs) ? 'inBag' : 'tooLong',
    carrying,
  };
}
