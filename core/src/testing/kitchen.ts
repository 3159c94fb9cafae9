import type { Kitchen } from '../meal';
import type { Interval } from '../time';

/** A usual kitchen for tests, with the times its cooks, by name, are at home and awake. */
export const kitchenOf = (cooks: Readonly<Record<string, readonly Interval[]>>): Kitchen => ({
  cooks: Object.entries(cooks).map(([name, free]) => ({ id: name, name, free })),
  ovenShelves: 2,
  rings: 4,
  boards: 2,
  sinks: 1,
  microwave: true,
  grill: false,
});
