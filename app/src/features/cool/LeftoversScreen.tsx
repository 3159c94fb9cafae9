import { leftOutMs } from '@omtel/core/plan';
import { depthSlip, writtenSize } from '@omtel/core/slips';
import { bandEndsAt } from '@omtel/core/clocks';
import { foldEvent, type FoodState } from '@omtel/core/trail';
import { judge } from '@omtel/core/judge';
import { clockOf, clockWords, lastAtClock, moment, parseClockTime } from '@omtel/core/time';
import {
  orProblem,
  formatDuration,
  formatMostLength,
  fromMetres,
  lengthUnitOf,
  parseNumber,
  toMetres,
  wholeWithin,
  type Problem,
} from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useDraft } from '../../store/draft';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { AsLeft } from '../../ui/AsLeft';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Screen } from '../../ui/Screen';
import { Stepper } from '../../ui/Stepper';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { BesideStep } from '../practice';
import { Reasons, RulingPanel, useRecord, WithFood } from '../food';
import { useAskFirst } from '../../ui/useAskFirst';

const MOST_PORTIONS = 24;

interface LeftoversDraft {
  readonly portions: number;
  /** As typed, in the household's unit of length. */
  readonly depth: string;
  readonly place: 'refrigerator' | 'freezer';
  /** When it came off the heat, as typed. */
  readonly offAt: string;
}

/** Leftovers into the cold: into how many, how deep, and what that means for how long they keep. */
export function LeftoversScreen() {
  return <WithFood title="Leftovers">{(food) => <Leftovers food={food} />}</WithFood>;
}

function Leftovers({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const { now, zone, units, rules, guidance } = kitchen;
  const dispatch = useAppDispatch();
  const recordNow = useRecord();
  const router = useRouter();
  const depthRule = rules.cooling.depth;
  const unit = lengthUnitOf(units);
  const {
    draft: { portions, depth, place, offAt },
    set,
    drop,
    restored,
  } = useDraft<LeftoversDraft>(`leftovers.${food.foodId}`, {
    portions: 4,
    depth: String(wholeWithin(depthRule.value.most, unit)),
    place: 'refrigerator',
    offAt: clockOf(now, zone),
  });
  const onHeat = food.place === 'heat';

  const depthM = readDepth(depth, unit);
  const off = onHeat ? readOffAt(offAt, food, now, zone) : { at: food.cook?.offHeatAt ?? null };
  const before =
    onHeat && 'at' in off && off.at !== null
      ? foldEvent(food, newEvent(food.foodId, off.at, 'offHeat', {}), guidance)
      : food;
  const deadline = bandEndsAt(before.exposures, 'cooked', leftOutMs(before, rules));
  const after =
    'value' in depthM
      ? foldEvent(
          before,
          newEvent(food.foodId, now, 'putAway', { place, portions, depthM: depthM.value }),
          guidance,
        )
      : null;
  const ruling = after && judge(after, { ...kitchen, now });
  const gone = ruling?.verdict === 'discard';

  const { keepOrAsk, asked } = useAskFirst(JSON.stringify([depth, unit, portions, place, offAt]));
  const keep = async (depthM: number) => {
    if (!('at' in off)) return;
    const putAway = newEvent(food.foodId, now, 'putAway', { place, portions, depthM });
    await dispatch(
      act({
        what: `${food.name}: put away`,
        events: [
          ...(onHeat && off.at !== null ? [newEvent(food.foodId, off.at, 'offHeat', {})] : []),
          putAway,
        ],
      }),
    );
    drop();
    router.replace(`/food/${food.foodId}` as never);
  };
  const putAway = () => {
    if (!('value' in depthM)) return;
    const typed = { value: Number(fromMetres(depthM.value, unit).toFixed(2)), unit };
    return keepOrAsk(depthSlip(typed), typed, writtenSize, (length) => keep(toMetres(length)));
  };
  const discard = async () => {
    await recordNow(food, 'thrown away', 'discarded', {});
    router.replace('/now');
  };

  return (
    <Screen
      title={food.name}
      subtitle="Put leftovers away"
      backTo={`/food/${food.foodId}`}
      rules
      foot={
        gone ? (
          <Button kind="main" grow label="Throw away" onPress={discard} />
        ) : (
          <Button
            kind="main"
            grow
            disabled={!after}
            label={place === 'freezer' ? 'Into the freezer now' : 'Into the refrigerator now'}
            onPress={putAway}
          />
        )
      }
    >
      <AsLeft shown={restored} onAfresh={drop} />
      {deadline !== null && !gone && (
        <Panel edge="rim">
          <Words face="strong" tone="rim">
            Into the cold by
          </Words>
          <View style={styles.time}>
            <Words size="numeral" face="display" tabular>
              {clockWords(deadline, zone)}
            </Words>
            <Words size="title" face="strong" tone="soft">
              {formatDuration(Math.max(0, deadline - now))}
            </Words>
          </View>
          {!onHeat && off && 'at' in off && off.at !== null && (
            <Words tone="soft">{`Off the heat ${moment(off.at, now, zone)}`}</Words>
          )}
          <RuleLink id={rules.cooling.intoRefrigerator.id} />
        </Panel>
      )}
      {onHeat && (
        <Field
          label="Came off the heat at"
          value={offAt}
          onChange={(said) => set({ offAt: said })}
          problem={'problem' in off ? off.problem : undefined}
        />
      )}
      <Stepper
        label="Portions"
        value={portions}
        min={1}
        max={MOST_PORTIONS}
        onChange={(said) => set({ portions: said })}
      />
      <Field
        label="How deep in the container"
        value={depth}
        onChange={(said) => set({ depth: said })}
        numeric
        unit={unit}
        problem={'problem' in depthM ? depthM.problem : undefined}
        hint={`${formatMostLength(depthRule.value.most, units)} at most: twice the depth takes four times as long to cool.`}
      />
      {asked}
      <Choice
        label="Where"
        value={place}
        onChange={(said) => set({ place: said })}
        options={[
          { value: 'refrigerator', label: 'Refrigerator' },
          { value: 'freezer', label: 'Freezer' },
        ]}
      />
      {!gone && (
        <View style={styles.start}>
          <Button
            kind="plain"
            label="Will it cool in time?"
            onPress={() => router.push(`/food/${food.foodId}/cool` as never)}
          />
        </View>
      )}
      {ruling && (
        <View style={styles.then}>
          <Heading>{gone ? 'The ruling' : 'If put away like this'}</Heading>
          <RulingPanel ruling={ruling} />
          <Reasons reasons={ruling.reasons} />
        </View>
      )}
      {!gone && <BesideStep moments={AWAY} food={food} />}
    </Screen>
  );
}

const DEEPEST_M = 0.5;

function readDepth(text: string, unit: 'cm' | 'in' | 'm'): { value: number } | Problem {
  return orProblem(() => {
    const value = toMetres({ value: parseNumber(text), unit });
    return value > 0 && value <= DEEPEST_M
      ? { value }
      : { problem: 'More than nothing, and no deeper than a stockpot.' };
  });
}

/** The wall-clock time typed, taken for the latest such moment that is not in the future. */
function readOffAt(text: string, food: FoodState, now: number, zone: string): { at: number } | Problem {
  return orProblem(() => {
    const at = lastAtClock(now, parseClockTime(text), zone);
    return at >= food.placeSince ? { at } : { problem: 'It went on the heat after that.' };
  });
}

const AWAY = ['off', 'putAway'] as const;

const styles = StyleSheet.create({
  time: { flexDirection: 'row', alignItems: 'baseline', gap: space.m },
  then: { gap: space.m },
  start: { alignItems: 'flex-start' },
});
