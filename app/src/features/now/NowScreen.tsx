import { shownAs } from '@omtel/core/judge';
import { toDo, type Followed } from '@omtel/core/meal';
import { agendaOf, type AgendaItem } from '@omtel/core/plan';
import { clockWords, dayName, longDay } from '@omtel/core/time';
import { capital } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { useMay } from '../../store/useMay';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/states';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Screen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { Until } from '../../ui/Until';
import { FoodScreen } from '../food';
import { HouseholdLink } from '../household';
import { useMealLines } from '../meal';
import { AgendaRow } from './AgendaRow';
import { Hero } from './Hero';
import { MealHero } from './MealHero';
import { MealLine } from './MealLine';

/** What the kitchen needs next, all foods together. */
export function NowScreen() {
  const kitchen = useKitchen();
  const { now, zone } = kitchen;
  const query = useFoods();
  const { data } = query;
  const agenda = useMemo(
    () =>
      data
        ? agendaOf(
            data.foods.map((food) => shownAs(food, kitchen)),
            kitchen,
          )
        : [],
    [data, kitchen],
  );
  const meals = useMealLines();
  const needs = useMemo(() => needsOf(agenda, meals, now), [agenda, meals, now]);
  const router = useRouter();
  const [first] = needs;
  const mayPlan = useMay('decide');

  const list = (
    <Screen
      title="Now"
      subtitle={`${longDay(now, zone)}, ${clockWords(now, zone)}`}
      aside={<HouseholdLink />}
      rules
    >
      <Until what="what is next" query={query} />
      {data && !first && (
        <Empty
          title="Nothing is due"
          action={
            <View style={styles.first}>
              <Button label="Put something in" onPress={() => router.push('/add' as never)} />
              {mayPlan && (
                <Button label="Plan a meal" onPress={() => router.push('/plan/meal/new' as never)} />
              )}
            </View>
          }
        >
          Plan a meal, or put something away, and its next step shows here.
        </Empty>
      )}
      {first && ('item' in first ? <Hero item={first.item} /> : <MealHero followed={first.followed} />)}
      <View style={styles.ask}>
        <Button label="Is this still all right?" onPress={() => router.push('/ask' as never)} />
      </View>
      {byDay(needs.slice(1), now, zone).map(([day, items]) => (
        <Rows key={day} title={day}>
          {items.map((need) =>
            'item' in need ? (
              <AgendaRow key={need.item.food.foodId} item={need.item} />
            ) : (
              <MealLine key={need.followed.meal.mealId} followed={need.followed} />
            ),
          )}
        </Rows>
      ))}
    </Screen>
  );
  const food = needs.flatMap((need) => ('item' in need ? [need.item.food] : []))[0];
  return <Split list={list} detail={food && <FoodScreen foodId={food.foodId} />} />;
}

/** What a food needs, or a meal. */
type Need =
  | { readonly item: AgendaItem; readonly at: number | null }
  | { readonly followed: Followed; readonly at: number };

/** Foods and meals together: what is thrown away first, then by time, then what waits for a decision. */
function needsOf(agenda: readonly AgendaItem[], meals: readonly Followed[], now: number): readonly Need[] {
  const ofMeals = meals.flatMap((followed): Need[] => {
    const [next] = followed.line ? toDo(followed.line, now) : [];
    return next ? [{ followed, at: next.at }] : [];
  });
  const rank = (need: Need) =>
    'item' in need && need.item.ruling.verdict === 'discard' ? 0 : need.at === null ? 2 : 1;
  return [...agenda.map((item): Need => ({ item, at: item.at })), ...ofMeals].sort(
    (a, b) => rank(a) - rank(b) || (rank(a) === 1 ? a.at! - b.at! : 0),
  );
}

/** Groups what is due under the names of their days; what is thrown away before them, what waits for a decision after. */
function byDay(needs: readonly Need[], now: number, zone: string): [string, Need[]][] {
  const groups = new Map<string, Need[]>();
  for (const need of needs) {
    const day =
      'item' in need && need.item.ruling.verdict === 'discard'
        ? 'To throw away'
        : need.at === null
          ? 'To settle'
          : capital(need.at < now ? 'now' : dayName(need.at, now, zone));
    groups.set(day, [...(groups.get(day) ?? []), need]);
  }
  return [...groups];
}

const styles = StyleSheet.create({
  ask: { alignItems: 'flex-start' },
  first: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, justifyContent: 'center' },
});
