import type { Temperature } from '../units';

/** What a thermometer showed, and when. */
export interface TrailReading {
  readonly at: number;
  readonly temperature: Temperature;
}
