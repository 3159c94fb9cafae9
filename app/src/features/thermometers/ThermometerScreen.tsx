import {
  KINDS,
  offsetOf,
  type CheckPoint,
  type Mishap,
  type ThermometerEntry,
  degreesWords,
  spanWords,
  standingWords,
} from '@omtel/core/thermometers';
import { moment, monthName } from '@omtel/core/time';
import { formatTemperature, toCelsius } from '@omtel/core/units';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { lazy, Suspense, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/PageLink';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { CheckHistory } from './CheckHistory';
import { CheckSteps } from './CheckSteps';
import { readInDoubt } from './doubt';
import { useKept } from './useKept';
import { useThermometers, type RatedThermometer } from './useThermometers';

/** One thermometer: how far it is to be trusted, its checks, and what may have happened to it. */
export function ThermometerScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const known = useThermometers().all.find((each) => each.id === id);
  if (!known)
    return (
      <Screen title="Thermometer" backTo="/thermometers">
        <Empty title="It is not here">No thermometer of this household has that address.</Empty>
      </Screen>
    );
  return <One key={known.id} known={known} />;
}

const SentBy = lazy(() => import('./SentBy'));

const MISHAPS: readonly { readonly what: Mishap; readonly label: string }[] = [
  { what: 'dropped', label: 'It was dropped' },
  { what: 'wet', label: 'It got wet' },
  { what: 'lowBattery', label: 'Low battery' },
  { what: 'newBattery', label: 'New battery' },
];

function One({ known }: { readonly known: RatedThermometer }) {
  const { now, zone, units } = useKitchen();
  const { log, sentBy, takeBack, remove } = useThermometers();
  const router = useRouter();
  const [leaving, setLeaving] = useState(false);
  const [point, setPoint] = useState<CheckPoint | null>(null);
  const { id, standing, name, kind, livesIn } = known;
  const { can, cannot, adjustable, tells } = KINDS[kind];
  const { kept, problem } = useKept();
  const battery = known.log.findLast(({ what }) => what === 'newBattery');
  const happened = (what: Mishap) => kept(() => log(id, { at: Math.round(now), what }));
  const removeIt = async () => {
    if (await kept(() => remove(id))) router.replace('/thermometers' as never);
  };
  return (
    <Screen
      title={name}
      subtitle={[KINDS[kind].name, livesIn].filter(Boolean).join(' · ')}
      backTo="/thermometers"
      foot={
        tells !== 'nothing' &&
        !point && <Button kind="main" grow label="Check it in ice water" onPress={() => setPoint('ice')} />
      }
    >
      <View role="status">
        <Words size="lead" tone={standing.is === 'inOrder' ? 'ink' : 'hot'}>
          {standingWords(standing, { now, zone, units })}
        </Words>
      </View>
      {known.boughtAt !== null && (
        <Words tone="soft">{`Bought in ${monthName(known.boughtAt, zone)}.`}</Words>
      )}
      {battery && <Words tone="soft">{`Its battery is new since ${moment(battery.at, now, zone)}.`}</Words>}
      {problem && (
        <View role="alert">
          <Words tone="hot">{problem}</Words>
        </View>
      )}
      {point && (
        <CheckSteps
          thermometer={known}
          point={point}
          onCancel={() => setPoint(null)}
          onDone={async (entry) => {
            await log(id, entry);
            setPoint(null);
          }}
        />
      )}
      {tells !== 'nothing' && !point && (
        <View style={styles.row}>
          <Button label="In boiling water" onPress={() => setPoint('boiling')} />
          {adjustable && <Button label="The nut was turned" onPress={() => happened('adjusted')} />}
          {MISHAPS.map(({ what, label }) => (
            <Button key={what} kind="plain" label={label} onPress={() => happened(what)} />
          ))}
        </View>
      )}
      {tells === 'food' && (
        <Suspense fallback={null}>
          <SentBy device={known.device} onChange={(device) => kept(() => sentBy(id, device))} />
        </Suspense>
      )}
      <InDoubt known={known} />
      <CheckHistory log={known.log} />
      <Rows title={known.log.length ? 'What happened to it' : undefined}>
        {known.log
          .toReversed()
          .slice(0, SHOWN)
          .map((entry, index) => (
            <View key={`${entry.at} ${index}`} style={styles.entry}>
              <Words style={styles.grow}>{entryWords(entry)}</Words>
              <Words tone="soft" tabular>
                {moment(entry.at, now, zone)}
              </Words>
            </View>
          ))}
      </Rows>
      <Words tone="soft">{`Can: ${can} Cannot: ${cannot}`}</Words>
      <View style={styles.row}>
        {known.log.length > 0 && (
          <Button kind="plain" label="Take back the last entry" onPress={() => kept(() => takeBack(id))} />
        )}
        {leaving ? (
          <>
            <Button label="Yes, with all its checks" onPress={removeIt} />
            <Button kind="plain" label="Keep it" onPress={() => setLeaving(false)} />
          </>
        ) : (
          <Button kind="plain" label="Not in this household any more" onPress={() => setLeaving(true)} />
        )}
      </View>
    </Screen>
  );

  function entryWords(entry: ThermometerEntry): string {
    if (entry.what !== 'checked') return HAPPENED[entry.what];
    const { point: water, expectedC, read } = entry;
    const off = spanWords(offsetOf({ at: 0, expectedC, readC: toCelsius(read) }), units);
    return `${water === 'ice' ? 'Ice' : 'Boiling'} water: ${formatTemperature(read, units)}${water === 'ice' ? '' : ` for ${degreesWords(expectedC, units)}`}, off by ${off}`;
  }
}

const SHOWN = 30;

const HAPPENED: Readonly<Record<Mishap, string>> = {
  dropped: 'Dropped',
  wet: 'Got wet',
  lowBattery: 'Battery low',
  newBattery: 'New battery',
  adjusted: 'Nut turned',
};

/** Food at hand that was read with it since its last good check: a check says that this is in doubt, and mends nothing. */
function InDoubt({ known }: { readonly known: RatedThermometer }) {
  const { now, zone, units } = useKitchen();
  const foods = useFoods().data?.foods ?? [];
  const read = foods.flatMap(({ state }) => (readInDoubt(state, known) ? [state] : []));
  return (
    <Rows title={read.length ? 'Read with it since its last good check: in doubt' : undefined}>
      {read.map(({ foodId, name, lastReading }) => (
        <PageLink key={foodId} href={`/food/${foodId}`} style={styles.entry}>
          <Words style={styles.grow}>{name}</Words>
          <Words tone="soft" tabular>
            {`${formatTemperature(lastReading!.temperature, units)}, ${moment(lastReading!.at, now, zone)}`}
          </Words>
        </PageLink>
      ))}
    </Rows>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s, alignItems: 'center' },
  entry: { flexDirection: 'row', gap: space.m, alignItems: 'baseline' },
  grow: { flex: 1 },
});
