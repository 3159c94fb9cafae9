import type { MealState } from '@omtel/core/trail';
import { useEffect, useSyncExternalStore } from 'react';
import { api } from '../../store/api';
import { useAppDispatch } from '../../store/store';
import { useHousehold } from '../../store/useKitchen';
import { newsText, newsWasUsed, pendingNews, watchNews, type News } from '../../store/outbox/news';
import { planAnew } from './planAnew';

/**
 * The meals to be planned anew by what is new: those that are scheduled and of whose foods or steps it tells, wherever it was said, and
 * then those for which something is to be left over from them.
 */
function toPlan(news: readonly News[], meals: readonly MealState[]): readonly string[] {
  const told = new Map(news.map(({ id, settled }) => [id, { settled }]));
  const isTold = ({ mealId, wanted }: MealState) =>
    told.get(mealId)?.settled === false ||
    wanted.dishes.some(({ foodId }) => foodId !== null && told.has(foodId));
  const changed = new Set([...told.keys(), ...meals.filter(isTold).map(({ mealId }) => mealId)]);
  const hangs = ({ mealId, wanted }: MealState) =>
    !changed.has(mealId) &&
    wanted.dishes.some(({ leftFrom }) => leftFrom !== undefined && changed.has(leftFrom));
  const scheduled = meals.filter(({ schedule }) => schedule);
  return [...scheduled.filter(isTold), ...scheduled.filter(hangs)].map(({ mealId }) => mealId);
}

/**
 * Plans what is left of a meal anew by whatever is recorded on this device that tells of it, and by what a reload broke off; the next
 * act does not wait for it.
 */
export function useFollow(): void {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  const text = useSyncExternalStore(watchNews, () => newsText(household.id));
  // It asks for nothing by itself: a page that shows no food keeps the news for one that does.
  const meals = api.endpoints.foods.useQueryState().data?.meals;
  useEffect(() => {
    const news = pendingNews(household.id);
    if (!meals || news.length === 0) return undefined;
    let given = false;
    const planAll = async () => {
      for (const mealId of toPlan(news, meals)) {
        await dispatch(planAnew(mealId, household));
        if (given) return;
      }
      newsWasUsed(household.id, news);
    };
    planAll().catch(() => undefined);
    return () => {
      given = true;
    };
    // The meals and the household are those of the moment it was told.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [text, meals !== undefined, dispatch]);
}
