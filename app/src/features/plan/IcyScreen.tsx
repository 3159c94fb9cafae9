import { foodById } from '@omtel/core/foods';
import { thawAssumptions } from '@omtel/core/forecast';
import type { IcyWay } from '@omtel/core/plan';
import { clockWords, moment } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { formatDurationUp, orProblem, parseNumber, toCelsius, type Problem } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent, newMealEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { useForecast } from '../../workers/useForecast';
import { WithFood } from '../food';
import { useMealOf, type MealOf } from '../meal';
import { Assumptions, ForecastState, readTweaks, USUAL_WITH_THICKNESS } from '../forecast';

const WAY_WORDS: Record<
  IcyWay['kind'],
  { readonly title: string; readonly how: string; readonly take: string }
> = {
  stay: { title: 'Let it lie', how: 'Where it is, on its tray.', take: 'Let it lie' },
  coldWater: {
    title: 'Finish it in cold water',
    how: 'Sealed, kept under, the water changed in time. Stay near.',
    take: 'Into cold water',
  },
  cookNow: {
    title: 'Cook it as it is',
    how: 'At once and longer, as from frozen. Read it in the middle.',
    take: 'Cook it now',
  },
};
const TENTHS = 10;

/** The middle is icy: how long each way on still takes from where it is, and what that does to dinner. */
export function IcyScreen() {
  return <WithFood title="Still icy">{(food) => <IcyFood food={food} />}</WithFood>;
}

function IcyFood({ food }: { readonly food: FoodState }) {
  const { units, now, zone, guidance, rules } = useKitchen(food);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [text, setText] = useState('');
  const [askedAt] = useState(now);
  const [tweaks, setTweaks] = useState(USUAL_WITH_THICKNESS);
  const { thaw } = food;
  const ofMeal = useMealOf(food.foodId);
  const plan = food.plan ?? (ofMeal && planIn(ofMeal));
  const reading = text.trim() === '' ? null : readCentre(text, units.temperature);
  const asked =
    plan && thaw && reading && 'coreC' in reading
      ? {
          ...readTweaks(tweaks, units),
          foodKey: food.foodKey,
          form: food.form,
          massKg: food.massKg,
          guidance,
          place: thaw.method === 'coldWater' ? ('coldWater' as const) : ('refrigerator' as const),
          thawedForMs: Math.max(0, askedAt - thaw.startedAt),
          coreC: reading.coreC,
          serveAt: plan.serveAt,
          cookSlowMs: plan.cookSlowMs,
          restMs: plan.restMs,
          now: askedAt,
        }
      : null;
  const forecast = useForecast('icy', asked);
  const ways = asked ? forecast.answer : null;

  /** A thaw that goes on is counted from where it began. */
  const elapsedAnd = (leftMs: number) => Math.round(Math.max(0, now - (thaw?.startedAt ?? now)) + leftMs);

  const take = async ({ kind, serveAt, thawMs }: IcyWay) => {
    if (!plan || !reading || !('coreC' in reading)) return;
    if (!food.plan) return takeInMeal({ kind, serveAt, thawMs });
    const read = readingOf();
    const shared = { ...food.plan, serveAt: Math.round(serveAt) };
    const next =
      kind === 'stay'
        ? [newEvent(food.foodId, now, 'planned', { ...shared, thawLeftMs: elapsedAnd(thawMs) })]
        : kind === 'coldWater'
          ? [
              newEvent(food.foodId, now, 'planned', {
                ...shared,
                method: 'coldWater',
                thawLeftMs: Math.round(thawMs),
              }),
              intoWater(),
            ]
          : [
              newEvent(food.foodId, now, 'planned', { ...shared, method: 'fromFrozen' }),
              newEvent(food.foodId, now, 'cookingStarted', {}),
            ];
    await dispatch(act({ what: `${food.name}: still icy`, events: [read, ...next] }));
    router.replace('/now');
  };
  const readingOf = () =>
    newEvent(food.foodId, now, 'reading', {
      temperature: { value: parseNumber(text), unit: units.temperature },
      place: 'centre',
    });
  const intoWater = () =>
    newEvent(food.foodId, now, 'thawStarted', {
      method: 'coldWater',
      ...(rules.thawing.waterRunning.value.yes && { running: true as const }),
    });
  /** The meal goes by the way that was taken; what follows is planned anew. */
  const takeInMeal = async ({ kind, thawMs }: Pick<IcyWay, 'kind' | 'serveAt' | 'thawMs'>) => {
    if (!ofMeal) return;
    const { meal, dish } = ofMeal;
    const method = kind === 'stay' ? dish.method : kind === 'coldWater' ? 'coldWater' : 'fromFrozen';
    const left = kind === 'stay' ? elapsedAnd(thawMs) : Math.round(thawMs);
    const changed = { ...dish, method, ...(kind !== 'cookNow' && { thawLeftMs: left }) } as const;
    const dishes = meal.wanted.dishes.map((each) => (each.id === dish.id ? changed : each));
    await dispatch(
      act({
        what: `${food.name}: still icy`,
        events: [readingOf(), newMealEvent(meal.mealId, now, 'mealPlanned', { ...meal.wanted, dishes })],
      }),
    );
    router.replace(`/plan/meal/${meal.mealId}` as never);
  };
  return (
    <Screen
      title={food.name}
      subtitle={plan ? `For ${moment(plan.serveAt, now, zone)}. Is the middle still icy?` : 'Not planned'}
      backTo={`/food/${food.foodId}`}
      rules
    >
      <Words>The tip of the probe in the very middle, or between two folded packs.</Words>
      <Field
        label={`Centre, °${units.temperature}`}
        unit={`°${units.temperature}`}
        value={text}
        onChange={setText}
        numeric
        autoFocus
        problem={reading && 'problem' in reading ? reading.problem : undefined}
        hint={`Such as ${units.temperature === 'C' ? '−3' : '27'}`}
      />
      {asked && <ForecastState what="Computing the ways that are left" forecast={forecast} />}
      <Rows>
        {(ways ?? []).map((way) => (
          <View key={way.kind} style={styles.way}>
            <Heading>{WAY_WORDS[way.kind].title}</Heading>
            <Words face="strong">
              {way.lateMs > 0
                ? `Dinner ${moment(way.serveAt, now, zone)}, ${formatDurationUp(way.lateMs)} late.`
                : `Dinner still at ${clockWords(way.serveAt, zone)}.`}
            </Words>
            <Words tone="soft">
              {`${way.thawMs > 0 ? `${formatDurationUp(way.thawMs)} to thaw, ` : ''}${formatDurationUp(way.cookMs)} to cook. ${WAY_WORDS[way.kind].how}`}
            </Words>
            <Button
              label={food.plan ? WAY_WORDS[way.kind].take : 'Plan the meal so'}
              name={food.plan ? undefined : `Plan the meal so: ${WAY_WORDS[way.kind].title}`}
              onPress={() => take(way)}
            />
          </View>
        ))}
      </Rows>
      {asked && (
        <Assumptions
          tweaks={tweaks}
          onChange={setTweaks}
          items={thawAssumptions({ ...asked, food: foodById(asked.foodKey), startC: asked.coreC }, units)}
        />
      )}
      <Words tone="soft">Never on the counter and never in warm water.</Words>
    </Screen>
  );
}

/** What a plan of one food says, where the food is a dish of a meal. */
const planIn = ({ meal: { schedule, wanted }, dish }: MealOf) => ({
  serveAt: schedule?.serveAt ?? wanted.serveAt,
  cookSlowMs: dish.heating.slowMs,
  restMs: dish.restMs + dish.finishMs,
});

const [COLDEST_C, WARMEST_C] = [-25, 10];

function readCentre(text: string, unit: 'C' | 'F'): { coreC: number } | Problem {
  return orProblem(() => {
    const coreC = Math.round(toCelsius({ value: parseNumber(text), unit }) * TENTHS) / TENTHS;
    return coreC >= COLDEST_C && coreC <= WARMEST_C
      ? { coreC }
      : { problem: 'An icy middle reads between the freezer and a cold refrigerator.' };
  });
}

const styles = StyleSheet.create({ way: { gap: space.xs, alignItems: 'flex-start' } });
