/**
 * What stands on a label: name, dates, and what some cannot eat; and whether a label printed earlier still says it.
 * Where it stands there belongs to `print`.
 */
export { type Label, labelDateOf, labelDateWords, labelOf, outdatedLabel } from './label';
