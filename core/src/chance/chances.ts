/** A number from 0 up to 1, the next of a row that a seed decides. */
export type Chance = () => number;

/** The same row of chances for the same seed (mulberry32): whatever came out once comes out again. */
export function chances(seed: number): Chance {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A number about 0, about as far off as 1 (Box and Muller): what is measured is never quite what is. */
export const deviate = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
