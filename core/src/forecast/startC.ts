import type { Food } from '../foods';
import type { RuleSet } from '../guidance';
import { toCelsius, type Temperature } from '../units';

/** An icy middle is somewhat below where its ice begins to melt, K. */
const ICY_BELOW_K = 1;

/**
 * The temperature a roast starts from throughout, °C: the food's own, as it went on the heat. What nobody read is taken to be
 * as cold as its store is to be.
 */
export function startC(
  from: 'frozen' | 'icy' | Temperature | null,
  { freezingPointC }: Pick<Food, 'freezingPointC'>,
  { bands }: RuleSet,
): number {
  if (from === 'frozen') return toCelsius(bands.freezer.value.at);
  if (from === 'icy') return freezingPointC - ICY_BELOW_K;
  return toCelsius(from ?? bands.refrigerator.value.at);
}
