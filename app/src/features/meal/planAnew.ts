import type { MealAnswer } from '@omtel/core/dishes';
import { foodsOf } from '@omtel/core/meal';
import type { MealState } from '@omtel/core/trail';
import { api } from '../../store/api';
import { householdIn } from '../../store/householdIn';
import { newMealEvent, record } from '../../store/outbox/record';
import { replanned } from '../../store/replans';
import type { AppThunk } from '../../store/store';
import { listAsEaten } from '../../store/useFoods';
import { nowOf, type Kitchen } from '../../store/useKitchen';
import { runForecast } from '../../workers/runForecast';

type Household = Kitchen['household'];

interface Known {
  readonly meal: MealState;
  readonly foods: ReturnType<typeof foodsOf>;
  readonly others: readonly MealState[];
}

/** The meal, its foods and the other meals as this device knows them now. */
export const asKnown =
  (mealId: string): AppThunk<Known | null> =>
  (_dispatch, getState) => {
    const told = api.endpoints.foods.select()(getState()).data;
    const known = told && listAsEaten(told, householdIn(getState()).settings.table);
    const meal = known?.meals.find((each) => each.mealId === mealId);
    if (!meal) return null;
    const foods = foodsOf(
      meal,
      known!.foods.map(({ state }) => state),
    );
    return { meal, foods, others: known!.meals.filter((each) => each !== meal) };
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
        others: known.others,
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
