import type { MealState } from '@omtel/core/trail';
import { useLocalSearchParams } from 'expo-router';
import { useFoodsQuery } from '../../../store/api';
import { sentenceOf } from '../../../store/problem';
import { useKitchen } from '../../../store/useKitchen';
import { Screen } from '../../../ui/Screen';
import { Failed, Loading } from '../../../ui/states';
import { draftOf, EMPTY_MEAL } from './mealDraft';
import { MealForm } from './MealForm';

/** A new meal, or one that was planned, to be changed: its id can stand in the address. */
export function NewMealScreen() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const kitchen = useKitchen();
  const { data, error, refetch } = useFoodsQuery();
  if (!data)
    return (
      <Screen title="Meal" backTo="/plan">
        {error ? (
          <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />
        ) : (
          <Loading what="the stores" />
        )}
      </Screen>
    );
  const foods = new Map(data.foods.map(({ state }) => [state.foodId, state]));
  const meal: MealState | null = data.meals.find(({ mealId }) => mealId === id) ?? null;
  return (
    <MealForm
      key={id ?? 'new'}
      meal={meal}
      foods={foods}
      others={data.meals.filter((each) => each !== meal)}
      proposed={meal ? draftOf(meal, foods, kitchen) : EMPTY_MEAL}
    />
  );
}
