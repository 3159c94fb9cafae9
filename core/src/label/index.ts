/**
 * What stands on a label: name, dates and the line a scanner reads.
 * Printing and pictures belong to the app.
 */
export { type Label, labelOf } from './label';
