import type { MealState } from '@omtel/core/trail';
import { useEffect } from 'react';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useHousehold } from '../../store/useKitchen';
import { newsWasUsed, pendingNews, type News } from '../../store/outbox/news';
import { planAnew } from './planAnew';

/**
 * The meals to be planned anew by what is new: those that are scheduled and of whose foods or steps it tells, wherever it was said, and
 * then those for which something is to be left over from them.
 */
function toPlan(news: readonly News[], meals: readonly MealState[]): readonly string[] {
  const told = new Set(news.map(({ id }) => id));
  const settled = new Set(news.flatMap(({ id, settled }) => (settled ? [id] : [])));
  const isTold = ({ mealId, wanted }: MealState) =>
    told.has(mealId) || wanted.dishes.some(({ foodId }) => foodId !== null && told.has(foodId));
  const changed = new Set([...told, ...meals.filter(isTold).map(({ mealId }) => mealId)]);
  const hangs = ({ wanted }: MealState) =>
    wanted.dishes.some(({ leftFrom }) => leftFrom !== undefined && changed.has(leftFrom));
  const open = meals.filter(({ mealId, schedule }) => schedule && !settled.has(mealId));
  const first = open.filter(isTold);
  const then = open.filter((meal) => !isTold(meal) && hangs(meal));
  return [...first, ...then].map(({ mealId }) => mealId);
}

/**
 * Plans what is left of a meal anew after each act on this device that tells of it, and by what a reload broke off; the next act does
 * not wait for it.
 */
export function useFollow(): void {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  const last = useAppSelector(({ tick }) => tick.shown);
  // It asks for nothing by itself: a page that shows no food keeps the news for one that does.
  const meals = api.endpoints.foods.useQueryState().data?.meals;
  const act = last && `${last.events.map(({ id }) => id).join()} ${last.at} ${last.takenBack ?? false}`;
  useEffect(() => {
    const news = pendingNews();
    if (!meals || news.length === 0) return undefined;
    let given = false;
    const planAll = async () => {
      for (const mealId of toPlan(news, meals)) {
        await dispatch(planAnew(mealId, household));
        if (given) return;
      }
      newsWasUsed(news);
    };
    planAll().catch(() => undefined);
    return () => {
      given = true;
    };
    // The meals and the household are those of the moment it was told.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [act, meals !== undefined, dispatch]);
}
