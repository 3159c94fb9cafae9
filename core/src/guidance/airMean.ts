import { MINUTE_MS } from '../units';

/** A thermostat swings about what it is set to: the air of a store is judged by its mean over so long. */
export const AIR_MEAN_MS = 20 * MINUTE_MS;
