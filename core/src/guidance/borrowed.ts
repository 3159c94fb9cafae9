import { homeDraft } from './home';
import { mapRules, ruleAt } from './tree';
import type { School } from './schools';
import type { Draft, RuleSet } from './schema';

/** What a school says itself: any part of the tree. A rule's title stands once, in the home chart. */
export type OwnWords<Node> = Node extends { value: unknown; source: unknown }
  ? Omit<Node, 'title'>
  : Node extends object
    ? { readonly [Key in keyof Node]?: OwnWords<Node[Key]> }
    : Node;

/**
 * A whole rule set from what a school says itself. Where it is silent it takes the home chart's value, marked as borrowed:
 * silence never means that there is no limit.
 *
 * @param own the rules the school states, at their places in the tree
 */
export function borrowing(school: School, name: string, own: OwnWords<Draft<RuleSet>>): Draft<RuleSet> {
  const filled = mapRules(homeDraft as RuleSet, ({ title, ...rule }, path) => {
    const said = ruleAt(own, path);
    return said ? { ...said, title } : { title, ...rule, borrowed: true };
  });
  return { ...filled, school, name };
}
