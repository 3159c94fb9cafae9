import type { Draft, RuleSet } from './schema';

/**
 * Gives every rule of a hand-written tree its id: the school, then the path to it.
 *
 * @example ruleSet({ school: 'home', bandTime: { limit: {…} }, … }).bandTime.limit.id // 'home.bandTime.limit'
 */
export function ruleSet(draft: Draft<RuleSet>): RuleSet {
  return withIds(draft, draft.school) as RuleSet;
}

function withIds(node: unknown, path: string): unknown {
  if (typeof node !== 'object' || node === null) return node;
  if ('value' in node && 'source' in node) return { id: path, ...node };
  return Object.fromEntries(
    Object.entries(node).map(([key, child]) => [key, withIds(child, `${path}.${key}`)]),
  );
}
