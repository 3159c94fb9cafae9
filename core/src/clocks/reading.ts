import type { Temperature } from '../units';

/** What a thermometer showed, and when. */
export interface TrailReading {
  readonly at: number;
  readonly temperature: Temperature;
  /** The thermometer it was read with, and by how much it may be off, K; absent where nobody said. */
  readonly by?: string;
  readonly withinK?: number;
}
