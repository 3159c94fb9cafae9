import { rulesOfDish, type MealStep } from '@omtel/core/meal';
import { useRouter } from 'expo-router';
import { useCallback } from 'react';
import { act } from '../../store/outbox/act';
import { useAppDispatch } from '../../store/store';
import { nowOf, useHousehold } from '../../store/useKitchen';
import { asKnown } from './planAnew';
import { tickOf } from './tickOf';

/** Ticks a step of a meal: records it, or opens the page where it is done. */
export function useMealAct() {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  const router = useRouter();
  return useCallback(
    async (mealId: string, step: MealStep, said: string) => {
      const known = dispatch(asKnown(mealId));
      if (!known) return;
      const food = known.foods.find(({ foodId }) => foodId === step.dish?.foodId) ?? null;
      const rules = rulesOfDish(known.meal.wanted, step.dish ?? {}, food, household.settings);
      const tick = tickOf(step, {
        ...known,
        now: nowOf(household),
        rules,
        unit: household.settings.units.temperature,
      });
      if ('page' in tick) return router.push(tick.page as never);
      if (tick.events.length === 0) return;
      await dispatch(act({ what: said, events: tick.events, notBefore: known.meal.plannedAt }));
    },
    [dispatch, household, router],
  );
}
