import { mealCard } from '@omtel/core/card';
import { reheatTargetOf, targetOf } from '@omtel/core/clocks';
import { describeValue } from '@omtel/core/guidance';
import { useLocalSearchParams } from 'expo-router';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { Until } from '../../ui/Until';
import { useMealLine } from '../meal';
import { CardFrame } from './CardFrame';

/** The card of one meal, for whoever cooks without a screen. */
export function MealCardScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useFoods();
  const { data } = query;
  const meal = data?.meals.find(({ mealId }) => mealId === id);
  if (meal) return <OfMeal key={id} meal={meal} />;
  return (
    <Screen title="For a meal" backTo="/print/cards">
      {data ? (
        <Empty title="No such meal">It was dropped, or is long over.</Empty>
      ) : (
        <Until what="the meal" query={query} />
      )}
    </Screen>
  );
}

function OfMeal({ meal }: { readonly meal: Parameters<typeof useMealLine>[0] }) {
  const { zone, rules, units } = useKitchen();
  const { line, cooks, foods, wordsOf } = useMealLine(meal);
  const { name, people, serveAt, dishes } = meal.wanted;
  const steps = (line?.steps ?? [])
    .filter(({ doneAt }) => doneAt === null)
    .map((step) => {
      const { title, detail } = wordsOf(step);
      const who = cooks.length > 1 ? cooks.find(({ id }) => id === step.cook)?.name : undefined;
      return { at: step.at, title, detail, who: who ?? null };
    });
  const targets = dishes.flatMap((dish): [string, string][] => {
    const state = foods.find(({ foodId }) => foodId === dish.foodId);
    if (!state) return [];
    const target = state.cooked ? reheatTargetOf(state, rules) : targetOf(state, rules);
    return target ? [[dish.name, describeValue(target.value, units)]] : [];
  });
  const card = mealCard({ title: name, serveAt: line?.serveAt ?? serveAt, people, steps, targets }, { zone });
  return (
    <CardFrame
      title="For a meal"
      subtitle="Its steps, with a box to tick for each"
      card={card}
      backTo={`/plan/meal/${meal.mealId}`}
    />
  );
}
