/** Pages of `core/print` on the screen, on paper, as PDF and as picture. What stands on them is made by whoever shows them. */
export { type InkedPage, useInked } from './inked';
export { Preview } from './Preview';
export { PrintActs } from './PrintActs';
export { useMeasure } from './useMeasure';
