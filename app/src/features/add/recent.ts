import type { FoodEvent, Payload } from '@omtel/core/trail';

const MOST_OFFERED = 8;

/** What came in by these entries, each as it came the first of these times: the same name of the same kinds is the same. */
export function recentIn(entries: readonly FoodEvent[]): readonly Payload<'added'>[] {
  const came = entries.flatMap(({ type, payload }) => (type === 'added' ? [payload] : []));
  const each = new Map<string, Payload<'added'>>();
  for (const added of came) {
    const key = JSON.stringify([added.name, added.foodKey, added.parts]);
    if (!each.has(key)) each.set(key, added);
  }
  return [...each.values()].slice(0, MOST_OFFERED);
}
