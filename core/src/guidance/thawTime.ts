import type { FormId } from '../foods';
import type { Rule, RuleSet, ThawRate } from './schema';
import { toKilograms } from '../units';

/** A span of time between its fast and its slow end, in ms. */
export interface Span {
  readonly fastMs: number;
  readonly slowMs: number;
}

/**
 * Time to thaw a weight by a rule, from its fast to its slow end, never under the rule's minimum.
 *
 * @param massKg weight in kg
 */
export function thawTime({ fast, slow, minimumMs }: ThawRate, massKg: number): Span {
  const time = ({ ms, mass }: ThawRate['fast']) => Math.max(minimumMs, (ms * massKg) / toKilograms(mass));
  return { fastMs: time(fast), slowMs: time(slow) };
}

/** The cold-water rule for a form: birds and packs are told apart. */
export function waterRule(form: FormId, rules: RuleSet): Rule<ThawRate> {
  return form === 'wholeBird' ? rules.thawing.waterBird : rules.thawing.waterPack;
}
