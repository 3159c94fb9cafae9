/**
 * What is printed, in millimetres: cards and labels as marks on pages, to be drawn alike on a screen, on paper, as PDF and as picture.
 * What stands on them belongs to `card` and `label`; letters are measured by whoever draws them.
 */
export type { Card, Item, Section } from './card';
export { type Face, type Mark, type Measure, type Page, textOf } from './mark';
export { onSheets } from './onSheets';
export {
  LABEL_SHEETS,
  type LabelSheet,
  type LabelSheetId,
  labelSheetIds,
  labelsOn,
  type Paper,
  type PaperId,
  PAPERS,
} from './papers';
export { setCard } from './setCard';
export { setLabel } from './setLabel';
export { wrapped } from './wrap';
