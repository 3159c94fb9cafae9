/**
 * The order of the shelves: what must not stand above what.
 * A store's air and power belong to `clocks`.
 */
export { shelfObjections } from './shelves';
