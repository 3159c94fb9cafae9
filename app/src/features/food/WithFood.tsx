import type { FoodState } from '@omtel/core/trail';
import { useLocalSearchParams } from 'expo-router';
import type { ReactNode } from 'react';
import { useFood } from '../../store/useFoods';
import { sentenceOf } from '../../store/problem';
import { Screen } from '../../ui/Screen';
import { Failed, Loading } from '../../ui/states';

interface WithFoodProps {
  readonly title: string;
  readonly children: (food: FoodState) => ReactNode;
}

/** A screen about the food in its address, once that is fetched. */
export function WithFood({ title, children }: WithFoodProps) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { data, error, refetch } = useFood(id);
  if (data) return children(data.food.state);
  return (
    <Screen title={title} backTo="/now">
      {error ? (
        <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />
      ) : (
        <Loading what="the food" />
      )}
    </Screen>
  );
}
