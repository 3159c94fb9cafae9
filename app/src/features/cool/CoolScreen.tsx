import { containerWords, neighbourOf, USUAL_NEIGHBOURS } from '@omtel/core/forecast';
import type { CoolingAnswer, CoolingAsked } from '@omtel/core/jobs';
import type { Neighbour } from '@omtel/core/thermal';
import type { FoodState } from '@omtel/core/trail';
import { SECOND_MS } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useCallback, useState } from 'react';
import { useFoods } from '../../store/useFoods';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Beside } from '../../ui/Beside';
import { Button } from '../../ui/Button';
import { Screen } from '../../ui/Screen';
import { useForecast } from '../../workers/useForecast';
import { useAskFirst } from '../../ui/useAskFirst';
import { WithFood } from '../food';
import { ForecastState, readRefrigerator, readSincePlan, readTweaks, USUAL, USUAL_COLD } from '../forecast';
import {
  choicesFor,
  readContainer,
  readStart,
  STAYS,
  WHERE_WORDS,
  type CoolingChoices,
} from './coolingChoices';
import { CoolingAssumptions } from './CoolingAssumptions';
import { CoolingFields } from './CoolingFields';
import { CoolingForecast } from './CoolingForecast';
import { RefrigeratorFields } from './RefrigeratorFields';

/** The container planner: into what, how many, where; and whether it will be cold in time. */
export function CoolScreen() {
  return <WithFood title="Cool">{(food) => <Cool food={food} />}</WithFood>;
}

function Cool({ food }: { readonly food: FoodState }) {
  const { units, now, guidance } = useKitchen(food);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { data: stores } = useFoods();
  const neighbours = neighboursOf(stores?.foods.map(({ state }) => state) ?? [], food.foodId);
  const [choices, setChoices] = useState<CoolingChoices>(() => choicesFor(food, units));
  const [tweaks, setTweaks] = useState(USUAL);
  const [cold, setCold] = useState(USUAL_COLD);
  const set = useCallback(
    (change: Partial<CoolingChoices>) => setChoices((last) => ({ ...last, ...change })),
    [],
  );

  const container = readContainer(choices, units);
  const start = readStart(choices.start, units);
  const asked: CoolingAsked | null =
    'problem' in container || 'problem' in start
      ? null
      : {
          ...readTweaks(tweaks, units),
          foodKey: food.foodKey,
          massKg: food.massKg,
          startC: start.startC,
          container,
          count: choices.count,
          lid: choices.lid,
          stirred: choices.stirred,
          stays: STAYS[choices.where],
          refrigerator: readRefrigerator(cold, units),
          neighbours,
          reading: readSincePlan(food),
        };
  const forecast = useForecast('cooling', asked && { ...asked, guidance });
  const { answer, answered, current } = forecast;

  const { keepOrAsk, asked: askedFirst } = useAskFirst(JSON.stringify([choices, tweaks, cold]));
  const keep = async ({ verdict }: CoolingAnswer) => {
    if (!asked) return;
    const { startC, container: into, count, lid, stirred, stays } = asked;
    const how = `${count} × ${containerWords(into, units)}, ${WHERE_WORDS[choices.where].toLowerCase()}`;
    const marksFrom = Math.round(now + (verdict.marks[0]?.fromS ?? 0) * SECOND_MS);
    const first = stays[0]!.place;
    const plan = newEvent(food.foodId, now, 'coolingPlanned', {
      marksFrom,
      how,
      startC,
      container: into,
      count,
      lid,
      stirred,
      stays: [...stays],
    });
    const off = food.place === 'heat' ? [newEvent(food.foodId, now, 'offHeat', {})] : [];
    const away =
      first === 'refrigerator' || first === 'freezer'
        ? [newEvent(food.foodId, now, 'putAway', { place: first, portions: count, depthM: verdict.depthM })]
        : [];
    await dispatch(act({ what: `${food.name}: cooled this way`, events: [...off, plan, ...away] }));
    router.replace('/now');
  };
  const accept = (found: CoolingAnswer) =>
    keepOrAsk(
      found.verdict.passes === 'fails'
        ? { question: 'It will not be cold in time like this.', meant: null }
        : null,
      found,
      () => 'cool it so all the same',
      keep,
    );

  return (
    <Screen
      title={food.name}
      subtitle="Cool it in time"
      backTo={`/food/${food.foodId}`}
      rules
      roomy
      foot={
        <Button
          kind="main"
          grow
          disabled={!answer || !current}
          label="Cool it this way"
          onPress={() => answer && accept(answer)}
        />
      }
    >
      <Beside
        left={
          <CoolingFields
            choices={choices}
            onChange={set}
            containerProblem={'problem' in container ? container.problem : undefined}
            startProblem={'problem' in start ? start.problem : undefined}
          />
        }
        right={
          <>
            {asked && <ForecastState what="Computing how it cools" forecast={forecast} />}
            {askedFirst}
            {asked && answer && answered && <CoolingForecast asked={answered} answer={answer} food={food} />}
            {asked && answer && (
              <CoolingAssumptions
                asked={asked}
                tweaks={tweaks}
                onTweaks={setTweaks}
                fields={
                  <RefrigeratorFields
                    cold={cold}
                    onChange={(change) => setCold((last) => ({ ...last, ...change }))}
                  />
                }
              />
            )}
          </>
        }
      />
    </Screen>
  );
}

const MOST_NEIGHBOURS = 3;

/** What stands in the refrigerator already: milk, and what the stores say. */
function neighboursOf(foods: readonly FoodState[], exceptId: string): readonly Neighbour[] {
  const inside = foods.filter(({ foodId, place }) => place === 'refrigerator' && foodId !== exceptId);
  return [
    ...USUAL_NEIGHBOURS,
    ...inside.slice(0, MOST_NEIGHBOURS).map(({ name, massKg }) => neighbourOf(name, massKg)),
  ];
}
