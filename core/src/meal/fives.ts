import { MINUTE_MS } from '../units';

/** A kitchen goes by five minutes: finer a schedule would say more than anybody keeps, and take far longer to find. */
export const FIVE = 5;
const FIVE_MS = FIVE * MINUTE_MS;

/** The nearest moment on the wall’s fives. */
export const onFive = (at: number): number => Math.round(at / FIVE_MS) * FIVE_MS;
/** The next one, or this where it is one. */
export const nextFive = (at: number): number => Math.ceil(at / FIVE_MS) * FIVE_MS;
/** So much earlier or later. */
export const fivesLater = (at: number, fives: number): number => onFive(at + fives * FIVE_MS);
