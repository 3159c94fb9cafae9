import { shifted, type Mark, type Page } from './mark';
import { labelsOn, type LabelSheet } from './papers';

/**
 * Labels on as many sheets as they need, row by row.
 *
 * @param first how many labels of the first sheet are gone already, 0 or more
 */
export function onSheets(
  labels: readonly (readonly Mark[])[],
  sheet: LabelSheet,
  first = 0,
): readonly Page[] {
  const each = labelsOn(sheet);
  const used = Math.min(Math.max(0, Math.floor(first)), each - 1);
  const pages = Math.ceil((used + labels.length) / each);
  return Array.from({ length: pages }, (_, page) => ({
    widthMm: sheet.widthMm,
    heightMm: sheet.heightMm,
    marks: labels.flatMap((marks, i) => {
      const place = used + i - page * each;
      if (place < 0 || place >= each) return [];
      const [column, row] = [place % sheet.across, Math.floor(place / sheet.across)];
      return shifted(marks, sheet.leftMm + column * sheet.stepXMm, sheet.topMm + row * sheet.stepYMm);
    }),
  }));
}
