import { coolingMs, type CoolingMark, type Rule, type RuleSet } from '../guidance';
import type { FoodState } from '../trail';
import { isAtMost } from '../units';

/** A mark of a cooling under way that has not been read yet. */
export interface DueMark {
  readonly rule: Rule<CoolingMark>;
  readonly dueAt: number;
}

/**
 * The next cooling mark of a food whose cooling was planned, or null once both were read or nothing was planned. Home
 * charts rule by other means; there the marks are advice.
 */
export function nextMark({ cooling, stage }: FoodState, rules: RuleSet): DueMark | null {
  if (!cooling || stage === 'frozen') return null;
  const { plan, coldest } = cooling;
  const { firstMark, secondMark } = rules.cooling;
  const due = [
    { rule: firstMark, dueAt: plan.marksFrom + firstMark.value.withinMs },
    { rule: secondMark, dueAt: plan.marksFrom + coolingMs(rules) },
  ];
  return due.find(({ rule: { value } }) => !coldest || !isAtMost(coldest, value.to)) ?? null;
}
