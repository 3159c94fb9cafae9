import { isHeated, mayFreeze } from '../clocks';
import type { JudgeContext } from './finding';
import { judge } from './judge';
import { keepingOf } from './keeping';
import { rulesOfFood, type FoodState } from '../trail';

/** What was cooked and is eaten from the refrigerator, and how long it still keeps there. */
export interface BatchAtHand {
  readonly food: FoodState;
  readonly keepsMs: number;
}

/** Batches that may be kept and frozen: cooked and eaten hot, cold now, within their days, and nothing in doubt. */
export const batchesAtHand = (foods: readonly FoodState[], context: JudgeContext): readonly BatchAtHand[] =>
  foods.flatMap((food) => {
    if (!food.cooked || !isHeated(food) || food.place !== 'refrigerator') return [];
    if (!mayFreeze(food, rulesOfFood(food, context.guidance))) return [];
    const verdict = judge(food, context)?.verdict;
    if (verdict !== 'fine' && verdict !== 'actBy') return [];
    const keeping = keepingOf(food, context);
    return keeping?.for === 'safety' && keeping.to > context.now
      ? [{ food, keepsMs: keeping.to - context.now }]
      : [];
  });
