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
