import { careRules } from './care';
import { chainRules } from './chain';
import { codeRules } from './code';
import { homeRules } from './home';
import type { RuleSetId } from './schools';
import type { Rule, RuleSet } from './schema';
import { mapRules } from './tree';

/** A set is called for by name, so that a household of one school need not read the others. */
const sets: Record<RuleSetId, () => RuleSet> = {
  home: () => homeRules,
  code: () => codeRules,
  chain: () => chainRules,
  care: () => careRules,
};

/** The rule set of a school, or the strictest of all. */
export const rulesOf = (id: RuleSetId): RuleSet => sets[id]();

/** All rules of a set or of a part of one, in the order they are written. */
export function listRules(tree: object): readonly Rule[] {
  const found: Rule[] = [];
  mapRules(tree, (rule) => (found.push(rule), rule));
  return found;
}

const indexes = new WeakMap<RuleSet, ReadonlyMap<string, Rule>>();

/** No rule has that id. */
export class UnknownRule extends Error {
  constructor(readonly ruleId: string) {
    super(`There is no rule "${ruleId}".`);
    this.name = 'UnknownRule';
  }
}

/**
 * A rule as it stands in a set, the household's own value of it where it has one.
 *
 * @throws UnknownRule
 */
export function ruleIn(set: RuleSet, id: string): Rule {
  const index = indexes.get(set) ?? new Map(listRules(set).map((rule) => [rule.id, rule]));
  indexes.set(set, index);
  const rule = index.get(id);
  if (!rule) throw new UnknownRule(id);
  return rule;
}

/**
 * A rule of any published set.
 *
 * @param id school and path, such as 'home.bandTime.limit'
 * @throws UnknownRule
 */
export function ruleById(id: string): Rule {
  const school = id.split('.')[0] as RuleSetId;
  if (!Object.hasOwn(sets, school)) throw new UnknownRule(id);
  return ruleIn(rulesOf(school), id);
}
