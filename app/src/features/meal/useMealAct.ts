import type { MealAnswer } from '@omtel/core/dishes';
import type { MealStep } from '@omtel/core/meal';
import { rulesFor } from '@omtel/core/guidance';
import type { MealState } from '@omtel/core/trail';
import { useRouter } from 'expo-router';
import { useCallback } from 'react';
import { api } from '../../store/api';
import { act } from '../../store/outbox/act';
import { newMealEvent, record } from '../../store/outbox/record';
import { useAppDispatch, type AppThunk } from '../../store/store';
import { nowOf, useHousehold, type Kitchen } from '../../store/useKitchen';
import { runForecast } from '../../workers/runForecast';
import { replanned } from '../../store/replans';
import { tickOf } from './tickOf';
import { foodsOf } from './useMealLine';

type Household = Kitchen['household'];

/** The meal and its foods as this device knows them now. */
const asKnown =
  (
    mealId: string,
  ): AppThunk<{ readonly meal: MealState; readonly foods: ReturnType<typeof foodsOf> } | null> =>
  (_dispatch, getState) => {
    const known = api.endpoints.foods.select()(getState()).data;
    const meal = known?.meals.find((each) => each.mealId === mealId);
    return meal
      ? {
          meal,
          foods: foodsOf(
            meal,
            known!.foods.map(({ state }) => state),
          ),
        }
      : null;
  };

/** The planning under way: what is ticked meanwhile makes it old. */
let planning: { readonly giveUp: () => void } | null = null;

/** Plans what is left of a meal anew, away from the page, and records it where anything moved. */
export const planAnew =
  (
    mealId: string,
    household: Household,
    schedule?: MealState['schedule'],
  ): AppThunk<Promise<MealAnswer | null>> =>
  async (dispatch) => {
    const known = dispatch(asKnown(mealId));
    if (!known?.meal.schedule) return null;
    const { settings } = household;
    const meal = schedule ? { ...known.meal, schedule } : known.meal;
    const now = nowOf(household);
    planning?.giveUp();
    const run = runForecast(
      'meal',
      {
        wanted: meal.wanted,
        foods: known.foods,
        settings,
        guidance: settings.guidance,
        units: settings.units,
        now,
        meal,
      },
      () => undefined,
    );
    const found = await new Promise<MealAnswer | null>((resolve, reject) => {
      planning = {
        giveUp: () => {
          run.cancel();
          resolve(null);
        },
      };
      run.answer.then(resolve, reject);
    });
    if (!found) return null;
    dispatch(replanned({ mealId, answer: found, wasAt: known.meal.schedule.serveAt }));
    if (found.kind === 'scheduled' && (found.moved.length || schedule))
      await dispatch(record(newMealEvent(mealId, now, 'mealScheduled', found.schedule)));
    return found;
  };

/** Ticks a step of a meal: records it, or opens the page where it is done; what follows is planned anew. */
export function useMealAct() {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  const router = useRouter();
  return useCallback(
    async (mealId: string, step: MealStep, said: string) => {
      const known = dispatch(asKnown(mealId));
      if (!known) return;
      const rules = rulesFor(household.settings.guidance);
      const tick = tickOf(step, { ...known, now: nowOf(household), rules });
      if ('page' in tick) return router.push(tick.page as never);
      if (tick.events.length === 0) return;
      await dispatch(
        act({
          what: `${step.dish?.name ?? known.meal.wanted.name}: ${said}`,
          events: tick.events,
          notBefore: known.meal.plannedAt,
        }),
      );
      // The next tick does not wait for it.
      dispatch(planAnew(mealId, household)).catch(() => undefined);
    },
    [dispatch, household, router],
  );
}
