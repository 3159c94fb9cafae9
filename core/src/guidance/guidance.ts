import { z } from 'zod';
import { rulesOf } from './lookup';
import { schools, type Rule, type RuleSet } from './schema';
import { stricter } from './stricter';
import { mapRules, ruleAt } from './tree';
import { ruleValue, type RuleValue } from './values';

/** A value a household set for itself; it counts where it is stricter than the rule it stands in for. */
export const ownRuleSchema = z
  .object({ path: z.string().max(80), value: ruleValue })
  .strict()
  .refine(({ path, value }) => ruleAt(rulesOf('home'), path)?.value.kind === value.kind, {
    message: 'There is no such rule to set.',
  });

/** Which guidance a household follows. */
export const guidanceSchema = z
  .object({
    school: z.enum(schools),
    /** Someone who eats here is pregnant, under 5, 65 or over, or has weakened immunity. */
    extraCare: z.boolean(),
    own: z.array(ownRuleSchema).max(60),
  })
  .strict();

export type Guidance = z.infer<typeof guidanceSchema>;
export type OwnRule = Guidance['own'][number];

/** What one food or meal is ruled by where it differs from the household. */
export type GuidanceChoice = Pick<Guidance, 'school' | 'extraCare'>;

export const PLAIN_GUIDANCE: Guidance = { school: 'home', extraCare: false, own: [] };

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
