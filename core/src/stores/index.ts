/**
 * The order of the shelves: what must not stand above what; and what the foods in a store learn of it.
 * A store's air and power themselves belong to `clocks`.
 */
export { shelfObjections } from './shelves';
export { ENTRIES, liesIn, storeOf, type Told, toldOfAir, toldOfPowerCut, toldOnEntry } from './told';
