import type { OwnFood } from '@omtel/core/foods';
import type { FoodEvent } from '@omtel/core/trail';

const MOST_OFFERED = 8;

/** What came in by these entries, each once, in their order: the same name of the same kinds is the same. */
export function recentIn(entries: readonly FoodEvent[]): readonly Pick<OwnFood, 'name' | 'kinds'>[] {
  const came = entries.flatMap(({ type, payload }) =>
    type === 'added' ? [{ name: payload.name, kinds: [payload.foodKey, ...(payload.parts ?? [])] }] : [],
  );
  return [...new Map(came.map((food) => [JSON.stringify(food), food])).values()].slice(0, MOST_OFFERED);
}
