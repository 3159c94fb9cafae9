import { underWay } from '@omtel/core/meal';
import { scheduleOf } from '@omtel/core/plan';
import { checkBy, rulesOfFood } from '@omtel/core/trail';
import { useMemo } from 'react';
import { useFoods } from '../../store/useFoods';
import { nowOf, useHousehold } from '../../store/useKitchen';
import { useMealLines } from './useMealLine';

/**
 * When the steps fall due that are to come, of meals and of plans for one food, when what runs is over, and when
 * what is kept hot or cold is read again.
 */
export function useDueTimes(): readonly number[] {
  const meals = useMealLines();
  const { data } = useFoods();
  const household = useHousehold();
  return useMemo(() => {
    const { guidance } = household.settings;
    const now = nowOf(household);
    const ofMeals = meals.flatMap(({ line }) => line?.steps ?? []);
    const ofFoods = (data?.foods ?? []).flatMap(
      ({ state }) => scheduleOf(state, now, rulesOfFood(state, guidance))?.steps ?? [],
    );
    const checks = (data?.foods ?? []).flatMap(
      ({ state }) => checkBy(state, rulesOfFood(state, guidance)) ?? [],
    );
    const timers = meals.flatMap(({ meal, foods }) => underWay(meal, foods));
    return [
      ...[...ofMeals, ...ofFoods].flatMap(({ at, doneAt }) => (doneAt === null ? [at] : [])),
      ...checks,
      ...timers.map(({ endsAt }) => endsAt),
    ];
  }, [meals, data, household]);
}
