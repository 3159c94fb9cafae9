import type { RuleSet } from '../guidance';
import { isAtMost, type Temperature } from '../units';

type Store = 'refrigerator' | 'freezer';

/**
 * The warmest air that keeps food out of the growth band: a refrigerator's rule; a freezer's is what a refrigerator's food may be,
 * since softening costs quality and not safety.
 */
export const warmestAir = (store: Store, { bands: { refrigerator, growth } }: RuleSet): Temperature =>
  store === 'refrigerator' ? refrigerator.value.at : growth.value.low;

/** Whether the air of a store keeps food out of the growth band. */
export const isStoreRight = (store: Store, air: Temperature, rules: RuleSet): boolean =>
  isAtMost(air, warmestAir(store, rules));
