import type { MealState } from '@omtel/core/trail';
import { useLocalSearchParams } from 'expo-router';
import { useFoodsQuery } from '../../../store/api';
import { listAsEaten } from '../../../store/useFoods';
import { useKitchen } from '../../../store/useKitchen';
import { Screen } from '../../../ui/Screen';
import { Until } from '../../../ui/Until';
import { draftOf, newMeal } from './mealDraft';
import { MealForm } from './MealForm';

/** A new meal, or one that was planned, to be changed: its id can stand in the address. */
export function NewMealScreen() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const kitchen = useKitchen();
  const query = useFoodsQuery();
  const { data } = query;
  if (!data)
    return (
      <Screen title="Meal" backTo="/plan">
        <Until what="the stores" query={query} />
      </Screen>
    );
  const meal: MealState | null = data.meals.find(({ mealId }) => mealId === id) ?? null;
  const others = data.meals.filter((each) => each !== meal);
  // What is to be changed in the form does not hold there yet.
  const stores = listAsEaten({ ...data, meals: others }, kitchen.settings.table).foods;
  const foods = new Map(stores.map(({ state }) => [state.foodId, state]));
  return (
    <MealForm
      key={id ?? 'new'}
      meal={meal}
      stores={stores}
      others={others}
      proposed={meal ? draftOf(meal, foods, kitchen) : newMeal(kitchen.settings.table)}
    />
  );
}
