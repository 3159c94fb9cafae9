/** One typed line, as a cook writes it on a tub. It knows words and units, and leaves finding the food to the catalogue. */
export * from './line';
