import { severity, type Ruling } from './ruling';

/** Sorts foods for "eat next": what must not be eaten first, then by what is left of their life, then the frozen. */
export function byEatNext(a: { readonly ruling: Ruling }, b: { readonly ruling: Ruling }): number {
  return rank(b.ruling) - rank(a.ruling) || (a.ruling.until ?? Infinity) - (b.ruling.until ?? Infinity) || 0;
}

/** "Fine" and "act by" are ordered among themselves by time alone. */
const rank = ({ verdict }: Ruling): number => Math.max(severity(verdict), severity('actBy'));
