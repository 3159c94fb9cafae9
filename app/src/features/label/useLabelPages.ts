import { labelOf, type Label } from '@omtel/core/label';
import { LABEL_SHEETS, onSheets, setLabel, type LabelSheetId } from '@omtel/core/print';
import type { FoodState } from '@omtel/core/trail';
import { useMemo } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { type InkedPage, useInked, useMeasure } from '../print';

export type LabelDraft = {
  readonly sheet: string;
  readonly by: string;
  /** The first label of the sheet that is still there, from 1. */
  readonly first: number;
  readonly copies: number;
  readonly code: string;
};

/** The address by which a label's code opens its food. */
const addressOf = (foodId: string): string => `${window.location.origin}/food/${foodId}`;

/** The labels of foods, in words and as they come on sheets; no pages until the typefaces are there. */
export function useLabelPages(
  foods: readonly FoodState[],
  { sheet: sheetId, by, first, copies, code }: LabelDraft & { readonly sheet: LabelSheetId },
): { readonly labels: readonly Label[]; readonly pages: readonly InkedPage[] } {
  const kitchen = useKitchen();
  const measure = useMeasure();
  const labels = foods.map((food) => labelOf(food, kitchen, by));
  const words = JSON.stringify(labels);
  const ids = foods.map(({ foodId }) => foodId).join();
  const pages = useMemo(() => {
    if (!measure) return [];
    const sheet = LABEL_SHEETS[sheetId];
    const addresses = ids.split(',').map(addressOf);
    const set = (JSON.parse(words) as Label[]).flatMap((label, i) => {
      const marks = setLabel(label, sheet, code === 'yes' ? addresses[i]! : null, measure);
      return Array.from({ length: copies }, () => marks);
    });
    return onSheets(set, sheet, first - 1);
    // As long as the words are the same so is what is printed, though the clock goes on.
  }, [measure, words, ids, sheetId, first, copies, code]);
  return { labels, pages: useInked(pages) };
}
