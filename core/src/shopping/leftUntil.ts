import { endOf, storageOf } from '../clocks';
import type { RuleSet } from '../guidance';
import type { PlannedDish } from '../record';
import type { FoodState } from '../trail';

/**
 * Whether of a dish some is left that can be planned with. What was heated once more is not kept again; what was left over before, or
 * came from elsewhere, counts its days from longer ago than this table, so nobody can say them from it.
 */
export const leavesSome = ({ keeps, kind, leftFrom, comes }: PlannedDish): boolean =>
  keeps && kind !== 'reheated' && leftFrom === undefined && comes !== 'guest';

/**
 * Until when what is left of a cooked dish is eaten or frozen: its days in the refrigerator count from the table on.
 *
 * @returns epoch ms; Infinity for what no rule ends
 */
export function leftUntil(
  { foodKey, parts }: Pick<FoodState, 'foodKey' | 'parts'>,
  servedAt: number,
  zone: string,
  rules: RuleSet,
): number {
  const days = storageOf({ foodKey, parts, cooked: true }, rules)?.refrigerator;
  return days ? endOf({ ...days.value, startedAt: servedAt, pauses: [] }, [zone])! : Infinity;
}
