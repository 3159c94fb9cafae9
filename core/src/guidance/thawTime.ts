import type { FormId } from '../foods';
import type { Rule, RuleSet, ThawRate } from './schema';
import { MINUTE_MS, snap, toKilograms } from '../units';

/** A span of time between its fast and its slow end, in ms. */
export interface Span {
  readonly fastMs: number;
  readonly slowMs: number;
}

/**
 * Time to thaw a weight by a rule, from its fast to its slow end, in whole minutes to the safe side of each, never under
 * the rule's least.
 *
 * @param massKg weight in kg
 */
export function thawTime({ fast, slow }: ThawRate, massKg: number): Span {
  const minutes = ({ ms, mass, leastMs }: ThawRate['fast']) =>
    snap(Math.max(leastMs, (ms * massKg) / toKilograms(mass)) / MINUTE_MS);
  return { fastMs: Math.floor(minutes(fast)) * MINUTE_MS, slowMs: Math.ceil(minutes(slow)) * MINUTE_MS };
}

/** The cold-water rule for a form: birds and packs are told apart. */
export function waterRule(form: FormId, rules: RuleSet): Rule<ThawRate> {
  return form === 'wholeBird' ? rules.thawing.waterBird : rules.thawing.waterPack;
}

/**
 * A rule's span widened by a computed one: the slow end is the slower of both, so that a forecast never makes a plan
 * bolder; the fast end is the faster, so that the clock after thawing starts no later than it may have to.
 */
export function widened(rule: Span, computed: Span | undefined): Span {
  if (!computed) return rule;
  return {
    fastMs: Math.min(rule.fastMs, computed.fastMs),
    slowMs: Math.max(rule.slowMs, computed.slowMs),
  };
}
