import { homeRules } from './home';
import type { Rule, RuleSet, School } from './schema';

/**
 * The rule set of a school.
 *
 * @throws RangeError for a school whose rule set Omtel does not carry yet
 */
export function rulesOf(school: School): RuleSet {
  if (school !== 'home') throw new RangeError(`Omtel does not carry the rule set "${school}" yet.`);
  return homeRules;
}

/** All rules of a set, in the order they are written. */
export function listRules(set: RuleSet): readonly Rule[] {
  const found: Rule[] = [];
  const walk = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return;
    if ('value' in node && 'source' in node) found.push(node as Rule);
    else Object.values(node).forEach(walk);
  };
  walk(set);
  return found;
}

const index = new Map(listRules(homeRules).map((rule) => [rule.id, rule]));

/** No rule has that id. */
export class UnknownRule extends Error {
  constructor(readonly ruleId: string) {
    super(`There is no rule "${ruleId}".`);
    this.name = 'UnknownRule';
  }
}

/**
 * @param id school and path, such as 'home.bandTime.limit'
 * @throws UnknownRule
 */
export function ruleById(id: string): Rule {
  const rule = index.get(id);
  if (!rule) throw new UnknownRule(id);
  return rule;
}
