import { isAtLeast, type Temperature } from '../../units';

/** The first of the moments that are known; null where none is. */
export function earliest(moments: readonly (number | null)[]): number | null {
  const known = moments.filter((moment) => moment !== null);
  return known.length ? Math.min(...known) : null;
}

export const later = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.max(a, b);

export const warmer = (a: Temperature, b: Temperature): Temperature => (isAtLeast(a, b) ? a : b);
