import { within } from './problem';

const MOST_PEOPLE = 500;

/**
 * How many times a dish is made.
 *
 * @param writtenFor whom the recipe is for, and who is to eat
 * @throws KitchenProblem
 */
export function timesOf(writtenFor: number, eaters: number): number {
  for (const [people, of] of [
    [writtenFor, 'written'],
    [eaters, 'eaters'],
  ] as const)
    within(people, 0, MOST_PEOPLE, `More than nobody, and at most ${MOST_PEOPLE}.`, of);
  return eaters / writtenFor;
}

/** How wide a pot or tin is in which the dish stands as deep as before, m: its area grows with the dish, its width by the root. */
export const potFor = (diameterM: number, times: number): number => diameterM * Math.sqrt(times);

/** What comes of it in the same pot. */
export interface InSamePot {
  /** How deep it stands, m. */
  readonly depthM: number;
  /** How many times as long it takes to cool through: by the square of its depth. */
  readonly coolsTimes: number;
}

export const inSamePot = (depthM: number, times: number): InSamePot => ({
  depthM: depthM * times,
  coolsTimes: times ** 2,
});
