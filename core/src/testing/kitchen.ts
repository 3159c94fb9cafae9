import type { Kitchen } from '../meal';
import type { Interval } from '../time';

/** A usual kitchen for tests, with the times its cooks, by name, are at home and awake. */
export const kitchenOf = (cooks: Readonly<Record<string, readonly Interval[]>>): Kitchen => ({
  cooks: Object.entries(cooks).map(([name, free]) => ({ id: name, name, free })),
  ovens: [{ shelves: 2, widestM: null, fan: false }],
  warm: 0,
  rings: 4,
  potLitres: null,
  coldLitres: null,
  boards: 2,
  sinks: 1,
  microwave: true,
  microwaveW: null,
  grill: false,
  slowCooker: false,
});
