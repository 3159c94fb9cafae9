import { endOf, storageOf } from '../clocks';
import type { RuleSet } from '../guidance';
import type { FoodState } from '../trail';

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
