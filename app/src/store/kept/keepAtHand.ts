import { MOST_TRAILS, type FoodList } from '@omtel/core/api';
import { api } from '../api';
import { householdIn } from '../householdIn';
import type { AppThunk } from '../store';
import { dropKept, keepAnswer, keptAnswer, keptPaths } from './copy';

/** How many entries each trail that is kept had, under the rules it was folded by. */
interface Having {
  readonly rules: string;
  readonly counts: Readonly<Record<string, number>>;
}

const HAVING = '/having';
/** So many trails of foods that are gone stay, for who looks back. */
const MOST_GONE = 50;

/** Asks for the trails of the foods at hand that this device does not have as they are, so that it knows them without a network. */
export const keepAtHand = (): AppThunk<Promise<void>> => async (dispatch, getState) => {
  const { id, settings } = householdIn(getState());
  const list = (await keptAnswer<FoodList>(id, '/foods'))?.data;
  if (!list) return;
  const rules = JSON.stringify([settings.guidance, settings.table]);
  const had = (await keptAnswer<Having>(id, HAVING))?.data;
  const counts: Record<string, number> = had?.rules === rules ? { ...had.counts } : {};
  const atHand = new Map(list.foods.map(({ state, eventCount }) => [state.foodId, eventCount]));
  const wanted = [...atHand].filter(([food, count]) => counts[food] !== count).map(([food]) => food);
  for (let from = 0; from < wanted.length; from += MOST_TRAILS) {
    const ids = wanted.slice(from, from + MOST_TRAILS);
    const { data } = await dispatch(
      api.endpoints.trails.initiate(ids, { subscribe: false, forceRefetch: true }),
    );
    if (!data) return;
    for (const { food } of data.trails) counts[food.state.foodId] = food.eventCount;
    await keepAnswer(id, HAVING, { rules, counts } satisfies Having);
  }
  await dropGone(id, atHand);
};

async function dropGone(householdId: string, atHand: ReadonlyMap<string, number>): Promise<void> {
  const gone = (await keptPaths(householdId)).filter((path) => {
    const [, food] = /^\/foods\/([0-9a-f-]{36})$/.exec(path) ?? [];
    return food !== undefined && !atHand.has(food);
  });
  // Ids begin with when they were made: the oldest go first.
  if (gone.length > MOST_GONE) await dropKept(householdId, gone.toSorted().slice(0, gone.length - MOST_GONE));
}
