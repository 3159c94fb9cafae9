import { isAtLeast } from '../units';
import type { RuleSet } from './schema';

/**
 * How long a cooling may take in all, ms. Where the second mark counts from the first it is both together: a first stage that
 * was quick is never held against the food.
 */
export function coolingMs({ cooling: { firstMark, secondMark } }: RuleSet): number {
  const fromOneStart = isAtLeast(secondMark.value.from, firstMark.value.from);
  return secondMark.value.withinMs + (fromOneStart ? 0 : firstMark.value.withinMs);
}
