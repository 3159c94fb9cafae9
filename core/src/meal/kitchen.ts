import type { Interval } from '../time';

/** Who eats, and when. */
export interface Table {
  readonly people: number;
  /** Of whom so many eat half as much. */
  readonly smallEaters: number;
  readonly serveAt: number;
}

/** A cook, with the times at home and awake. */
export interface Cook {
  readonly id: string;
  readonly name: string;
  readonly free: readonly Interval[];
}

/** What a kitchen has; an oven's room is counted in shelves. */
export interface Kitchen {
  readonly cooks: readonly Cook[];
  readonly ovenShelves: number;
  readonly rings: number;
  readonly boards: number;
  readonly sinks: number;
  readonly microwave: boolean;
  readonly grill: boolean;
}
