import type { Rule } from './schema';

/** Whether a node of a rule tree is a rule, written with or without its id, rather than a branch. */
export const isRule = (node: unknown): node is Rule =>
  typeof node === 'object' && node !== null && 'value' in node && 'source' in node;

/**
 * Makes a tree like another, each rule put through a function that is given the path to it.
 *
 * @param path the path to the node, such as 'bandTime.limit'
 */
export function mapRules<Tree>(node: Tree, change: (rule: Rule, path: string) => unknown, path = ''): Tree {
  if (isRule(node)) return change(node, path) as Tree;
  if (typeof node !== 'object' || node === null) return node;
  return Object.fromEntries(
    Object.entries(node).map(([key, child]) => [key, mapRules(child, change, path ? `${path}.${key}` : key)]),
  ) as Tree;
}

/** The rule at a path of a tree, if there is one. */
export function ruleAt(tree: unknown, path: string): Rule | undefined {
  const node = path
    .split('.')
    .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], tree);
  return isRule(node) ? node : undefined;
}
