import type { FoodState } from '../trail';
import type { JudgeContext } from './finding';
import { judgeLately } from './lately';
import { severity, type Ruling } from './ruling';

/** From here on a food is not eaten. */
const NOT_EATEN = severity('cannotTell');

/**
 * Why a food others may eat is none for who needs extra care.
 *
 * @param inCare the food as it stands by extra care; nothing where nobody at the table needs that
 * @returns the ruling by extra care; null where they may eat it as well, or nobody may
 */
export function notForCare(
  state: FoodState,
  inCare: FoodState | undefined,
  context: JudgeContext,
): Ruling | null {
  if (!inCare) return null;
  const [forOthers, forThem] = [judgeLately(state, context), judgeLately(inCare, context)];
  if (!forOthers || !forThem || severity(forOthers.verdict) >= NOT_EATEN) return null;
  return severity(forThem.verdict) >= NOT_EATEN ? forThem : null;
}

/**
 * A food as what is said of it is ruled: with extra care where somebody who needs that is to eat it. Where it is none for
 * them and others may eat it, as for others: it is not thrown away, and for whom it is not is said besides.
 *
 * @param state as it stands for who is to eat it
 * @param forOthers as it stands for others, where that is another thing
 */
export function shownAs(
  { state, forOthers }: { readonly state: FoodState; readonly forOthers?: FoodState },
  context: JudgeContext,
): FoodState {
  return forOthers && notForCare(forOthers, state, context) ? forOthers : state;
}
