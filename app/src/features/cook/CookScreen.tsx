import { type FoodState, cookStanding } from '@omtel/core/trail';
import { placesOf, reheatTargetOf, targetOf } from '@omtel/core/clocks';
import { placeWords, type ProbePlace } from '@omtel/core/record';
import { formById } from '@omtel/core/foods';
import { capital, formatDuration, formatHold, formatTarget } from '@omtel/core/units';
import { clockWords } from '@omtel/core/time';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Later } from '../../ui/Later';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { useAwake } from '../../ui/useAwake';
import { useRecord, WithFood } from '../food';
import { BesideStep, Heating } from '../practice';
import { ColdAim } from './ColdAim';
import { CookForecast } from './CookForecast';
import { CoolingAhead } from './CoolingAhead';
import { Judgement } from './Judgement';
import { LiveProbe } from './live/LiveProbe';
import { ProbePlaces } from './probe/ProbePlaces';
import { Kept } from './Kept';
import { purposeOf, type Purpose } from './purpose';
import { ReadingForm } from './ReadingForm';

/** The probe in hand: the target, where to probe, and the reading judged at once. */
export function CookScreen() {
  return <WithFood title="Reading">{(food) => <Reading food={food} />}</WithFood>;
}

function Reading({ food }: { readonly food: FoodState }) {
  const { to } = useLocalSearchParams<{ to?: string }>();
  const purpose = purposeOf(food, to === 'heat' || to === 'keep' ? to : null);
  return purpose === 'kept' ? <Kept food={food} /> : <Cook food={food} purpose={purpose} />;
}

interface CookProps {
  readonly food: FoodState;
  readonly purpose: Exclude<Purpose, 'kept'>;
}

function Cook({ food, purpose }: CookProps) {
  const { units, rules, now, zone } = useKitchen(food);
  const recordNow = useRecord();
  const router = useRouter();
  const target = targetOf(food, rules);
  const { cook, stage, place } = food;
  const onHeat = place === 'heat';
  useAwake(onHeat);
  const heats = purpose === 'cook' || purpose === 'reheat';
  const reheating = purpose === 'reheat';
  const goal = reheating ? reheatTargetOf(food, rules) : target;
  // What was read of a cook days ago belongs to that.
  const standing = onHeat || stage === 'resting' ? cookStanding(food, rules) : null;
  const aim = (standing?.target ?? goal?.value)?.options[0];
  const places: readonly ProbePlace[] = place === 'water' ? ['surface', ...placesOf(food)] : placesOf(food);
  const [picked, setPicked] = useState<ProbePlace | null>(null);
  const chosen = picked ?? standing?.next ?? places[0]!;
  const met = cook?.metAt ?? null;
  const restMs = target?.value.restMs ?? 0;
  const restedAt = cook?.offHeatAt ? cook.offHeatAt + restMs : null;
  const resting = stage === 'resting' && restMs > 0 && restedAt !== null && now < restedAt;

  const main = () => {
    if (!heats) return undefined;
    if (stage === 'resting' && met !== null)
      return (
        <Button
          kind="main"
          grow
          disabled={resting}
          label={resting ? `Rest until ${clockWords(restedAt!, zone)}` : 'On the table'}
          onPress={() => recordNow(food, 'on the table', 'served', {}).then(() => router.replace('/now'))}
        />
      );
    if (onHeat && met !== null)
      return (
        <Button
          kind="main"
          grow
          label={stage === 'reheating' ? 'On the table' : 'Off the heat'}
          onPress={() =>
            stage === 'reheating'
              ? recordNow(food, 'on the table', 'served', {})
              : recordNow(food, 'off the heat', 'offHeat', {})
          }
        />
      );
    if (!onHeat && met === null)
      return (
        <Button
          kind="main"
          grow
          label={cook ? 'Back on the heat' : 'It is on the heat'}
          onPress={() => recordNow(food, 'on the heat', 'cookingStarted', {})}
        />
      );
    if (!onHeat && reheating)
      return (
        <Button
          kind="main"
          grow
          label="It is on the heat"
          onPress={() => recordNow(food, 'heating', 'cookingStarted', {})}
        />
      );
    return undefined;
  };

  return (
    <Screen
      title={food.name}
      subtitle={`${capital(placeWords(place))}${onHeat ? ` since ${clockWords(food.placeSince, zone)}` : ''}`}
      backTo={`/food/${food.foodId}`}
      foot={main()}
      rules
    >
      {purpose !== 'cook' && purpose !== 'reheat' && <ColdAim food={food} purpose={purpose} />}
      {heats && aim && goal && (
        <Panel edge="rim">
          <Words face="strong" tone="rim">
            {reheating ? 'Heat to' : 'Cook to'}
          </Words>
          <Words size="numeral" face="display" tabular>
            {formatTarget(aim.at, units)}
          </Words>
          {aim.heldMs > 0 && <Words>{`And hold it for ${formatHold(aim.heldMs)}.`}</Words>}
          {restMs > 0 && !reheating && <Words>{`Then rest at least ${formatDuration(restMs)}.`}</Words>}
          <RuleLink id={goal.id} />
        </Panel>
      )}
      {reheating && aim && <Heating food={food} goal={aim.at} />}
      <View style={styles.group}>
        <Heading small>Where to probe</Heading>
        <ProbePlaces food={food} standing={standing} places={places} chosen={chosen} onChoose={setPicked} />
        <Words>{formById(food.form).probe}</Words>
        <Words tone="soft">{`Wait ${formatDuration(rules.thermometer.steadyFor.value.ms)} for it to settle. Clean the probe before and after.`}</Words>
      </View>
      <ReadingForm
        food={food}
        place={chosen}
        holdMs={heats ? (aim?.heldMs ?? 0) : 0}
        onRecorded={() => setPicked(null)}
        autoFocus={onHeat && met === null}
      />
      <Judgement food={food} />
      <Later>
        <LiveProbe food={food} />
      </Later>
      {onHeat && met === null && !reheating && <CookForecast food={food} />}
      {purpose === 'cool' && (
        <Later>
          <CoolingAhead food={food} />
        </Later>
      )}
      {!heats && place !== 'freezer' && (
        <Button
          label={food.cooked ? 'Heat it' : 'Cook it'}
          onPress={() => router.setParams({ to: 'heat' })}
        />
      )}
      {heats && !onHeat && (met === null || reheating) && (
        <Button
          label="It is in the microwave"
          onPress={() => recordNow(food, 'in the microwave', 'cookingStarted', { by: 'microwave' })}
        />
      )}
      {onHeat && met !== null && cook!.fellAt === null && (
        <Button label="Keep it hot" onPress={() => router.setParams({ to: 'keep' })} />
      )}
      {onHeat && met === null && target?.value.sign && !reheating && (
        <Button
          label={`No probe: ${target.value.sign}`}
          onPress={() => recordNow(food, 'done by its look', 'signSeen', {})}
        />
      )}
      {heats && <BesideStep moments={reheating ? HEATING : COOKING} food={food} />}
    </Screen>
  );
}

const HEATING = ['heat'] as const;
const COOKING = ['read', 'off'] as const;

const styles = StyleSheet.create({ group: { gap: space.xs } });
