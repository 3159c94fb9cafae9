import { isOfMeal, type KitchenEvent } from '@omtel/core/record';
import type { MealState } from '@omtel/core/trail';
import { useEffect } from 'react';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useHousehold } from '../../store/useKitchen';
import { planAnew } from './planAnew';

/** Whether something that was recorded tells of a meal that is under way: of its foods or its steps, wherever it was said. */
function tellsOf(events: readonly KitchenEvent[], { mealId, wanted, schedule }: MealState): boolean {
  if (!schedule) return false;
  const foods = new Set(wanted.dishes.flatMap(({ foodId }) => foodId ?? []));
  const said = events.filter((event) => isOfMeal(event) && event.mealId === mealId);
  // What says how it is scheduled, or that it is not wanted, is no news to plan by.
  if (said.some(({ type }) => type === 'mealScheduled' || type === 'mealDropped')) return false;
  return said.length > 0 || events.some((event) => !isOfMeal(event) && foods.has(event.foodId));
}

/** Plans what is left of a meal anew after each act on this device that tells of it; the next act does not wait for it. */
export function useFollow(): void {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  const last = useAppSelector(({ tick }) => tick.shown);
  const meals = useAppSelector((state) => api.endpoints.foods.select()(state).data?.meals);
  const told = last && !last.takenBack ? `${last.events.map(({ id }) => id).join()} ${last.at}` : null;
  useEffect(() => {
    if (told === null) return;
    const [meal] = (meals ?? []).filter((each) => tellsOf(last!.events, each));
    if (meal) dispatch(planAnew(meal.mealId, household)).catch(() => undefined);
    // The meals and the household are those of the moment it was told.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [told, dispatch]);
}
