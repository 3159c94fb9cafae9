import { isAtLeast, type Temperature } from '../../units';

type Moment = number | null;

/** The first of the moments that are known; null where none is. */
export const earliest = (moments: readonly Moment[]): Moment => ofKnown(moments, Math.min);

/** The last of them. */
export const latest = (moments: readonly Moment[]): Moment => ofKnown(moments, Math.max);

function ofKnown(moments: readonly Moment[], choose: (...known: number[]) => number): Moment {
  const known = moments.filter((moment) => moment !== null);
  return known.length ? choose(...known) : null;
}

export const warmer = (a: Temperature, b: Temperature): Temperature => (isAtLeast(a, b) ? a : b);
