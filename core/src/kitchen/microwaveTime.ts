import { within } from './problem';

/** What ovens of kitchens have, W. */
const [WEAKEST_W, STRONGEST_W] = [299, 2000];
const LONGEST_MS = 3 * 3_600_000;

/**
 * How long a microwave oven takes for what another's chart gives a time: as much heat in all, so times watts stay the same.
 *
 * @param chartMs what the chart says, ms, for an oven of `chartW`
 * @throws KitchenProblem
 * @example microwaveTime(300_000, 1000, 750) // 400_000
 */
export function microwaveTime(chartMs: number, chartW: number, ownW: number): number {
  within(chartMs, 0, LONGEST_MS, 'More than nothing, and at most 3 hours.', 'minutes');
  for (const [watts, of] of [
    [chartW, 'chart'],
    [ownW, 'own'],
  ] as const)
    within(watts, WEAKEST_W, STRONGEST_W, `From ${WEAKEST_W + 1} to ${STRONGEST_W} W.`, of);
  return (chartMs * chartW) / ownW;
}
