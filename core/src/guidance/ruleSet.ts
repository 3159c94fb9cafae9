import type { Draft, RuleSet } from './schema';
import { mapRules } from './tree';

/**
 * Gives every rule of a hand-written tree its id: the school, then the path to it.
 *
 * @example ruleSet({ school: 'home', bandTime: { limit: {…} }, … }).bandTime.limit.id // 'home.bandTime.limit'
 */
export function ruleSet(draft: Draft<RuleSet>): RuleSet {
  return mapRules(draft as RuleSet, (rule, path) => ({ ...rule, id: `${draft.school}.${path}` }));
}
