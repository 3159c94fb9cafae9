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
  /** Not to have raw poultry in hand: somebody who needs extra care, or a child. */
  readonly noRawPoultry?: boolean;
}

export interface Oven {
  readonly shelves: number;
  /** The widest tin it takes, m; null where nobody measured. */
  readonly widestM: number | null;
  readonly fan: boolean;
}

/** Whether what is in the oven has a fan, wherever it is put: of two ovens with one fan nobody can tell. */
export const allBlow = (ovens: readonly Pick<Oven, 'fan'>[]): boolean =>
  ovens.length > 0 && ovens.every(({ fan }) => fan);

/** The place of the second oven; the first is the oven. */
export const SECOND_OVEN = 'oven2';

/** What a kitchen has; null where nobody said. */
export interface Kitchen {
  readonly cooks: readonly Cook[];
  readonly ovens: readonly Oven[];
  /** A warm drawer, in dishes it holds. */
  readonly warm: number;
  readonly rings: number;
  /** The largest pot, l. */
  readonly potLitres: number | null;
  /** What is free in the refrigerator, l. */
  readonly coldLitres: number | null;
  readonly boards: number;
  readonly sinks: number;
  readonly microwave: boolean;
  /** What its maker says it puts out at full power, W. */
  readonly microwaveW: number | null;
  readonly grill: boolean;
  readonly slowCooker: boolean;
}
