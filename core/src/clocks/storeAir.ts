import type { RuleSet } from '../guidance';
import { isAtMost, type Temperature } from '../units';

/**
 * Whether the air of a store keeps food out of the growth band: a refrigerator at its rule; a freezer as long as what is in
 * it is no warmer than a refrigerator's food may be, since softening costs quality and not safety.
 */
export function isStoreRight(
  store: 'refrigerator' | 'freezer',
  air: Temperature,
  { bands: { refrigerator, growth } }: RuleSet,
): boolean {
  return isAtMost(air, store === 'refrigerator' ? refrigerator.value.at : growth.value.low);
}
