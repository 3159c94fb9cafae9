import type { Guidance } from './guidance';
import { rulesOf } from './lookup';
import type { Rule, RuleSet } from './schema';
import { stricter } from './stricter';
import { mapRules } from './tree';
import type { RuleValue } from './values';

const made = new Map<string, RuleSet>();
const MOST_KEPT = 32;

/** The rule set a household rules by: its school or the strictest of all, and its own values where they are stricter. */
export function rulesFor(guidance: Guidance): RuleSet {
  const set = rulesOf(guidance.extraCare ? 'care' : guidance.school);
  if (guidance.own.length === 0) return set;
  const key = JSON.stringify(guidance);
  const known = made.get(key);
  if (known) return known;
  const own = new Map(guidance.own.map(({ path, value }) => [path, value]));
  const rules = mapRules(set, (rule, path) => withOwn(rule, own.get(path)));
  if (made.size >= MOST_KEPT) made.clear();
  made.set(key, rules);
  return rules;
}

function withOwn(rule: Rule, value: RuleValue | undefined): Rule {
  if (!value) return rule;
  const both = stricter(rule.value, value);
  return JSON.stringify(both) === JSON.stringify(rule.value) ? rule : { ...rule, value: both, own: true };
}
