import { scheduleOf, stepWords } from '@omtel/core/plan';
import { moment } from '@omtel/core/time';
import { judge, keepingOf, shownAs, type Ruling } from '@omtel/core/judge';
import { placeWords } from '@omtel/core/record';
import { sketchTrail, wholeHistory, type FoodState } from '@omtel/core/trail';
import { capital, formatMass } from '@omtel/core/units';
import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense, useMemo, useState } from 'react';
import { View } from 'react-native';
import { useFood } from '../../store/useFoods';
import { useKitchen, type Kitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Later } from '../../ui/Later';
import { Screen } from '../../ui/Screen';
import { TrailDrawing } from '../../ui/trail/TrailDrawing';
import { Until } from '../../ui/Until';
import { Words } from '../../ui/Words';
import { NotForThem } from './NotForThem';
import { BesideFood } from './BesideFood';
import { OnItsLabel } from './OnItsLabel';
import { RescueNotice } from './RescueNotice';
import { ReadInDoubt } from '../thermometers';
import { AirHere } from './AirHere';
import { EatenCold } from './EatenCold';
import { FoodActions } from './FoodActions';
import { History } from './History';
import { LeftOut } from './LeftOut';
import { LostSight } from './LostSight';
import { isQuiet } from './quiet';
import { Reasons } from './Reasons';
import { RulingPanel } from './RulingPanel';
import { RuledBy } from './RuledBy';
import { SayWhen } from './SayWhen';
import { useAct } from './useAct';
import { WaterHere } from './WaterHere';

const QuietDays = lazy(() => import('./QuietDays'));
/** What it needs until it is there, px. */
const QUIET_ROOM = 150;

/** One food: the ruling and why, its trail, what happened, and what can be done. */
export function FoodScreen({ foodId }: { readonly foodId?: string }) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useFood(foodId ?? id);
  const { data } = query;
  const household = useKitchen();
  const state = data && shownAs(data.food, household);
  const kitchen = useKitchen(state);
  const act = useAct();
  const history = useMemo(
    () => (data ? wholeHistory(data.events, new Map(Object.entries(data.others))) : []),
    [data],
  );
  const [whole, setWhole] = useState(false);
  const sketch = useMemo(() => sketchTrail(history, kitchen.now), [history, kitchen.now]);
  if (!data || !state) {
    return (
      <Screen title="Food" backTo="/stores">
        <Until what="its trail" query={query} />
      </Screen>
    );
  }
  const ruling = judge(state, kitchen);
  const keeping = isQuiet(state, sketch, kitchen.now) ? keepingOf(state, kitchen) : null;
  const next = ruling && mainAction(state, ruling, kitchen);
  const drawnTo =
    ruling?.until && ruling.until > kitchen.now
      ? Math.min(ruling.until, kitchen.now + (kitchen.now - state.placeSince) / 2)
      : kitchen.now;
  return (
    <Screen
      title={state.name}
      subtitle={whereIs(state, kitchen)}
      backTo={foodId ? undefined : '/stores'}
      rules
      foot={
        next && (
          <Button kind="main" grow label={next.label} onPress={() => act(state, next.step, next.action)} />
        )
      }
    >
      {ruling ? <RulingPanel ruling={ruling} /> : <Words>{`${goneWords(state)}.`}</Words>}
      <NotForThem food={state} why />
      <OnItsLabel food={state} />
      <RescueNotice food={state} />
      <ReadInDoubt food={state} />
      {ruling?.action.kind === 'sayWhen' && <SayWhen food={state} />}
      {keeping && !whole ? (
        <>
          <Suspense fallback={<View style={{ minHeight: QUIET_ROOM }} />}>
            <QuietDays food={state} keeping={keeping} />
          </Suspense>
          <Button kind="plain" label="Its whole trail" onPress={() => setWhole(true)} />
        </>
      ) : (
        <TrailDrawing
          name={state.name}
          sketch={{ ...sketch, to: Math.max(kitchen.now, drawnTo) }}
          exposures={state.exposures}
          rules={kitchen.rules}
          units={kitchen.units}
          zone={kitchen.zone}
          now={kitchen.now}
        />
      )}
      {ruling && <Reasons reasons={ruling.reasons} />}
      <EatenCold food={state} />
      <Later>
        <AirHere food={state} />
        <WaterHere food={state} />
        <FoodActions food={state} />
        {next?.step && <BesideFood food={state} step={next.step} />}
        <RuledBy food={state} />
        <History events={history} foodId={state.foodId} />
        <LeftOut food={state} />
        <LostSight food={state} />
      </Later>
    </Screen>
  );
}

/** What became of a food that is gone. */
const goneWords = ({ stage }: Pick<FoodState, 'stage'>): string =>
  stage === 'eaten' ? 'Eaten' : stage === 'joined' ? 'Put to another food' : 'Thrown away';

function whereIs(
  { place, placeSince, massKg, stage, container }: FoodState,
  { units, now, zone }: Kitchen,
): string {
  const where = place === 'gone' ? goneWords({ stage }) : capital(placeWords(place));
  const portions = container
    ? ` · ${container.portions} ${container.portions === 1 ? 'portion' : 'portions'}`
    : '';
  return `${where} since ${moment(placeSince, now, zone)} · ${formatMass(massKg, units)}${portions}`;
}

/** The one main button: the next step of the plan, or what the ruling asks for. */
function mainAction(state: FoodState, ruling: Ruling, kitchen: Kitchen) {
  const step =
    ruling.verdict === 'discard' ? null : (scheduleOf(state, kitchen.now, kitchen.rules)?.next ?? null);
  if (step)
    return {
      label: stepWords(step, state, kitchen.units, kitchen.rules).tick,
      step,
      action: 'none' as const,
    };
  const { kind, label } = ruling.action;
  return kind === 'none' || kind === 'sayWhen' ? null : { label, step: null, action: kind };
}
