import { METHOD_WORDS, scheduleOf, stepWords } from '@omtel/core/plan';
import { clockWords, moment } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { useMay } from '../../store/useMay';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/PageLink';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { Empty } from '../../ui/states';
import { TextLink } from '../../ui/TextLink';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useWide } from '../../ui/theme';
import { Until } from '../../ui/Until';
import { FoodScreen, RescueNotice } from '../food';
import { PlannedMeal } from './PlannedMeal';
import { PlannedThaw } from './PlannedThaw';

/** The meals planned: when each is served, and the first thing to do for it. */
export function PlanScreen() {
  const router = useRouter();
  const query = useFoods();
  const { data } = query;
  const mayPlan = useMay('decide');
  const planned = (data?.foods ?? [])
    .map(({ state }) => state)
    .filter(({ plan }) => plan !== null)
    .sort((a, b) => a.plan!.serveAt - b.plan!.serveAt);
  const meals = data?.meals ?? [];
  const { food: shown = planned[0]?.foodId } = useLocalSearchParams<{ food?: string }>();
  const list = (
    <Screen
      title="Plan"
      subtitle="Back from the meal to the first thing to do"
      foot={
        mayPlan && (
          <>
            <Button
              kind="main"
              grow
              label="New meal"
              onPress={() => router.push('/plan/meal/new' as never)}
            />
            <Button grow label="New plan" onPress={() => router.push('/plan/new')} />
          </>
        )
      }
      rules
    >
      <Until what="the plans" query={query} />
      {data && planned.length + meals.length === 0 && (
        <Empty title="No meal planned">
          Say what is to be eaten and when. Omtel counts back to the freezer.
        </Empty>
      )}
      <Rows title={meals.length ? 'Meals' : undefined}>
        {meals.map((meal) => (
          <PlannedMeal key={meal.mealId} meal={meal} />
        ))}
      </Rows>
      {data && (
        <TextLink href="/plan/shopping" face="strong">
          To be bought this week
        </TextLink>
      )}
      <Rows title={meals.length && planned.length ? 'Single foods' : undefined}>
        {planned.map((food) => (
          <PlannedFood key={food.foodId} food={food} />
        ))}
      </Rows>
    </Screen>
  );
  return <Split list={list} detail={shown && <FoodScreen key={shown} foodId={shown} />} />;
}

function PlannedFood({ food }: { readonly food: FoodState }) {
  const { now, zone, units, rules } = useKitchen(food);
  const router = useRouter();
  const wide = useWide();
  const mayPlan = useMay('decide');
  const schedule = scheduleOf(food, now, rules)!;
  const plan = food.plan!;
  const { next } = schedule;
  return (
    <View style={styles.food}>
      <PageLink
        href={`/food/${food.foodId}`}
        onOpen={wide ? () => router.setParams({ food: food.foodId }) : undefined}
        style={styles.food}
      >
        <Words size="title" face="display">
          {food.name}
        </Words>
        <Words tone="soft">
          {`${formatMass(food.massKg, units)} · on the table ${moment(plan.serveAt, now, zone)} · ${METHOD_WORDS[plan.method].toLowerCase()}`}
        </Words>
        <View role="list">
          {schedule.steps.map((step) => {
            const words = stepWords(step, food, units, rules);
            const done = step.doneAt !== null;
            return (
              <View key={step.kind} role="listitem" style={styles.step}>
                <Words
                  tabular
                  face={step === next ? 'strong' : 'text'}
                  tone={done ? 'soft' : 'ink'}
                  style={styles.when}
                >
                  {done ? `✓ ${clockWords(step.doneAt!, zone)}` : moment(step.at, now, zone)}
                </Words>
                <Words
                  face={step === next ? 'strong' : 'text'}
                  tone={done ? 'soft' : 'ink'}
                  style={styles.what}
                >
                  {words.title}
                </Words>
              </View>
            );
          })}
        </View>
      </PageLink>
      {mayPlan && (
        <Button
          kind="plain"
          label="Change it"
          name={`Change the plan for ${food.name}`}
          onPress={() => router.push(`/plan/new?food=${food.foodId}` as never)}
        />
      )}
      <RescueNotice food={food} />
      {!food.cook && !food.thaw?.thawedAt && <PlannedThaw food={food} />}
    </View>
  );
}

const styles = StyleSheet.create({
  food: { gap: space.xs },
  step: { flexDirection: 'row', gap: space.m, paddingVertical: space.xs },
  when: { width: 136 },
  what: { flex: 1 },
});
