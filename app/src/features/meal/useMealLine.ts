import { followMeal, type Followed } from '@omtel/core/meal';
import type { MealState } from '@omtel/core/trail';
import { useMemo } from 'react';
import { useFoods } from '../../store/useFoods';
import { useHousehold } from '../../store/useKitchen';

/** The meal's line; anew when something of it happens, not with the clock. */
export function useMealLine(meal: MealState): Followed {
  const { data } = useFoods();
  const { settings } = useHousehold();
  return useMemo(
    () =>
      followMeal(
        meal,
        (data?.foods ?? []).map(({ state }) => state),
        settings,
      ),
    [meal, data, settings],
  );
}

/** The lines of all meals to come. */
export function useMealLines(): readonly Followed[] {
  const { data } = useFoods();
  const { settings } = useHousehold();
  return useMemo(() => {
    const foods = (data?.foods ?? []).map(({ state }) => state);
    return (data?.meals ?? []).map((meal) => followMeal(meal, foods, settings));
  }, [data, settings]);
}
