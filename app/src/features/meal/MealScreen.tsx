import { careAt, toDo, underWay, type MealStep } from '@omtel/core/meal';
import { namesOf } from '@omtel/core/table';
import type { FoodState, MealState } from '@omtel/core/trail';
import { clockWords, moment } from '@omtel/core/time';
import { formatDurationUp } from '@omtel/core/units';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { act } from '../../store/outbox/act';
import { newMealEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useMay } from '../../store/useMay';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { FileLink } from '../../ui/FileLink';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { useWide } from '../../ui/theme';
import { useAwake } from '../../ui/useAwake';
import { space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { AskToRemind } from '../reminders';
import { BesideMeal } from './BesideMeal';
import { ForTheirSake } from './ForTheirSake';
import { LateNotice } from './LateNotice';
import { MealLanes } from './lanes/MealLanes';
import { MealSteps } from './MealSteps';
import { NextStep } from './NextStep';
import { PutOff } from './PutOff';
import { PinStep } from './PinStep';
import { Replanned } from './Replanned';
import { Shopping } from './Shopping';
import { planAnew } from './planAnew';
import { UnderWay } from './UnderWay';
import { useMealAct } from './useMealAct';
import { useMealLine } from './useMealLine';

/** One meal as it goes on: what is next, the line of time, and on a wide screen its lanes. */
export function MealScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useFoods();
  const { data } = query;
  const meal = data?.meals.find(({ mealId }) => mealId === id);
  if (meal) return <Meal key={id} meal={meal} />;
  return (
    <Screen title="Meal" backTo="/plan">
      <Until what="the meal" query={query} />
      {data && <Empty title="No such meal">It was dropped, or is long over.</Empty>}
    </Screen>
  );
}

function Meal({ meal }: { readonly meal: MealState }) {
  const { now, zone, household, settings } = useKitchen();
  const { line, cooks, foods, wordsOf } = useMealLine(meal);
  const router = useRouter();
  const dispatch = useAppDispatch();
  const tick = useMealAct();
  const wide = useWide();
  const [chosen, setChosen] = useState<string | null>(null);
  const { wanted, mealId } = meal;
  // What thaws or lies in its marinade is not stood by.
  useAwake(underWay(meal, foods).some(({ task: { kind } }) => kind !== 'thaw' && kind !== 'marinate'));
  const mayPlan = useMay('decide');
  const drop = async () => {
    await dispatch(
      act({
        what: `${wanted.name}: not wanted any more`,
        events: [newMealEvent(mealId, now, 'mealDropped', {})],
        takeBack: [newMealEvent(mealId, now, 'mealPlanned', wanted)],
      }),
    );
    router.replace('/plan');
  };
  const [next = null] = line ? toDo(line, now) : [];
  const nextWords = next && wordsOf(next);
  const pinned = line?.steps.find((step) => step.task && step.id === chosen) ?? null;
  return (
    <Screen
      title={wanted.name}
      subtitle={
        line
          ? `${wanted.people} at the table ${moment(line.serveAt, now, zone)}${lateWords(line.lateMs)}`
          : 'Not scheduled'
      }
      backTo="/plan"
      rules
      roomy={wide}
      foot={
        next &&
        nextWords?.tick && (
          <Button
            kind="main"
            grow
            label={nextWords.tick}
            name={`${nextWords.tick}: ${nextWords.title}`}
            onPress={() => tick(mealId, next, nextWords.title)}
          />
        )
      }
    >
      <Replanned meal={meal} wordsOf={wordsOf} />
      {line && line.lateMs > 0 && !line.over && next?.kind !== 'putAway' && (
        <LateNotice key={line.serveAt} meal={meal} line={line} foods={foods} />
      )}
      {line && next && (
        <NextStep
          line={line}
          step={next}
          words={nextWords!}
          cooks={cooks}
          foot={
            <>
              <StillIcy step={next} foods={foods} />
              <BesideMeal
                key={`beside ${next.id}`}
                step={next}
                food={foods.find(({ foodId }) => foodId === next.dish?.foodId)}
              />
              <PutOff
                key={next.id}
                mealId={mealId}
                step={next}
                food={foods.find(({ foodId }) => foodId === next.dish?.foodId)}
              />
            </>
          }
        />
      )}
      {line && !line.over && <AskToRemind />}
      <UnderWay meal={meal} foods={foods} />
      {line?.over && (
        <Empty title="All is done">{`On the table at ${clockWords(line.serveAt, zone)}, and put away.`}</Empty>
      )}
      {pinned && (
        <PinStep
          key={pinned.id}
          meal={meal}
          step={pinned}
          words={wordsOf(pinned)}
          onDone={() => setChosen(null)}
        />
      )}
      <ForTheirSake names={namesOf(careAt(wanted, settings.table))} of="What they eat of it" />
      <Shopping meal={meal} foods={foods} />
      {line && wide && (
        <MealLanes
          meal={meal}
          line={line}
          cooks={cooks}
          foods={foods}
          chosen={chosen}
          onChoose={setChosen}
          wordsOf={wordsOf}
        />
      )}
      {line && (
        <MealSteps
          line={line}
          cooks={cooks}
          wordsOf={wordsOf}
          onTick={(step, said) => tick(mealId, step, said)}
          chosen={chosen}
          onChoose={setChosen}
        />
      )}
      <View style={styles.row}>
        {line && !line.over && (
          <Button
            kind="plain"
            label="Plan the rest anew"
            onPress={() => dispatch(planAnew(mealId, household))}
          />
        )}
        {mayPlan && (
          <Button
            kind="plain"
            label="Change the meal"
            onPress={() => router.push(`/plan/meal/new?id=${mealId}` as never)}
          />
        )}
        <Button
          kind="plain"
          label="Card to print"
          onPress={() => router.push(`/print/meal?id=${mealId}` as never)}
        />
        <FileLink href={`/api/calendar/meals/${mealId}.ics`} label="Calendar file" />
        {mayPlan && <Button kind="plain" label="Not wanted any more" onPress={drop} />}
      </View>
    </Screen>
  );
}

/** What feels for ice can find some: what is left of the thaw is worked out from its middle. */
function StillIcy({ step, foods }: { readonly step: MealStep; readonly foods: readonly FoodState[] }) {
  const router = useRouter();
  const food = foods.find(({ foodId }) => foodId === step.dish?.foodId);
  if (step.kind !== 'feelForIce' || food?.stage !== 'thawing') return null;
  return <Button label="Still icy" onPress={() => router.push(`/food/${food.foodId}/icy` as never)} />;
}

const lateWords = (lateMs: number): string =>
  lateMs > 0 ? `, ${formatDurationUp(lateMs)} late` : ', on time';

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l } });
