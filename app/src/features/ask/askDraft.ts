import { conditionsOf, whereOf, type Answers, type AskedCondition, type Whereabouts } from '@omtel/core/ask';
import { foodById } from '@omtel/core/foods';

/** What was answered so far. */
export interface AskDraft {
  readonly foodKey: string | null;
  readonly parts: readonly string[];
  readonly name: string;
  readonly condition: AskedCondition | null;
  /** Days ago, or 'unknown'; null: not answered yet. */
  readonly daysAgo: string | null;
  readonly where: Whereabouts | null;
}

export const NOTHING_SAID: AskDraft = {
  foodKey: null,
  parts: [],
  name: '',
  condition: null,
  daysAgo: null,
  where: null,
};

/** What is asked next of a food: what comes in one condition alone is not asked for it. */
export function asksOf(
  { condition }: Pick<AskDraft, 'condition'>,
  foodKey: string,
): { condition: AskedCondition | null; since: string } {
  const [only, ...others] = conditionsOf(foodKey);
  const known = condition ?? (others.length === 0 ? only! : null);
  return { condition: known, since: SINCE[known ?? 'cooked'](foodKey) };
}

const SINCE: Record<AskedCondition, (foodKey: string) => string> = {
  fresh: () => 'It was bought',
  thawed: () => 'It was thawed',
  cooked: (foodKey) =>
    foodById(foodKey).cooking === null ? 'It was opened or made' : 'It was cooked or opened',
};

/** All answers, once there are; null until then. */
export function answered(draft: AskDraft, foodKey: string): Answers | null {
  const { condition } = asksOf(draft, foodKey);
  const { daysAgo, where, parts } = draft;
  if (!condition || daysAgo === null || where === null) return null;
  if (!whereOf({ foodKey, parts, condition }).includes(where)) return null;
  return { foodKey, parts, condition, daysAgo: daysAgo === 'unknown' ? null : Number(daysAgo), where };
}
