import { pausedMs, pausesUntil, type PrintedDate, printedEnd } from '../../clocks';
import type { FoodState } from '../state';
import { earliest } from './either';

/** The days of the older, in the freezer since the first was, thawed since the first was; the printed date that ends sooner. */
export function worseDays(
  a: FoodState,
  b: FoodState,
  at: number,
): Pick<FoodState, 'daysFrom' | 'pauses' | 'frozenSince' | 'lastThawedAt' | 'printed'> {
  const { daysFrom, ...older } = olderOf(a, b, at);
  const frozen = a.frozenSince !== null && b.frozenSince !== null;
  const pauses = frozen ? pausesUntil(older, at) : older.pauses;
  const from = frozen ? pauses.at(-1)!.from : at;
  return {
    daysFrom,
    pauses,
    frozenSince: frozen ? Math.min(a.frozenSince, b.frozenSince) : null,
    lastThawedAt: earliest([a.lastThawedAt, b.lastThawedAt]),
    printed: soonerPrinted(printedWith(a, at, from), printedWith(b, at, from)),
  };
}

/** The one that has used more of its days; one of unknown age before any. */
function olderOf(a: FoodState, b: FoodState, at: number): FoodState {
  const begun = (food: FoodState) => (food.daysFrom ?? -Infinity) + pausedMs(pausesUntil(food, at));
  return begun(a) <= begun(b) ? a : b;
}

/** A printed date as it stands when two foods meet, and from when the time of both in the freezer puts it off further. */
function printedWith(food: FoodState, at: number, from: number): PrintedDate | null {
  const endsAt = printedEnd({ ...food, pauses: pausesUntil(food, at) });
  return endsAt === null
    ? food.printed
    : { ...food.printed!, putOff: { ms: endsAt - food.printed!.at - (at - from), from } };
}

const endOfPrinted = ({ at, putOff }: PrintedDate): number => at + (putOff?.ms ?? 0);

/** The use-by that ends sooner; one before any best before. */
function soonerPrinted(a: PrintedDate | null, b: PrintedDate | null): PrintedDate | null {
  if (!a || !b) return a ?? b;
  if (a.kind !== b.kind) return a.kind === 'useBy' ? a : b;
  return endOfPrinted(a) <= endOfPrinted(b) ? a : b;
}
