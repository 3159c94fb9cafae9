import type { FoodState } from '@omtel/core/trail';
import { useLocalSearchParams } from 'expo-router';
import type { ReactNode } from 'react';
import { useFood } from '../../store/useFoods';
import { Screen } from '../../ui/Screen';
import { Until } from '../../ui/Until';

interface WithFoodProps {
  readonly title: string;
  readonly children: (food: FoodState) => ReactNode;
}

/** A screen about the food in its address, once that is fetched. */
export function WithFood({ title, children }: WithFoodProps) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useFood(id);
  const { data } = query;
  if (data) return children(data.food.state);
  return (
    <Screen title={title} backTo="/now">
      <Until what="the food" query={query} />
    </Screen>
  );
}
