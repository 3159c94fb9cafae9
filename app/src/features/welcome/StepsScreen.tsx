import type { Settings, SettingsPatch } from '@omtel/core/api';
import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChangeSettingsMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { GuidanceFields, HomeAndAwake, KitchenFields, UnitsFields, ZoneField } from '../household';
import { DoorPage } from './DoorPage';

type Set = (patch: SettingsPatch) => void;

/** What a new household is asked, a page each; what it skips stays as it usually is. */
const STEPS: readonly ((settings: Settings, set: Set) => ReactNode)[] = [
  ({ guidance }, set) => <GuidanceFields guidance={guidance} onChange={(to) => set({ guidance: to })} />,
  ({ units }, set) => <UnitsFields units={units} onChange={(to) => set({ units: to })} />,
  ({ zone }, set) => <ZoneField zone={zone} onChange={(to) => set({ zone: to })} />,
  ({ availability }, set) => (
    <HomeAndAwake availability={availability} onChange={(to) => set({ availability: to })} />
  ),
  ({ kitchen, cooks }, set) => <KitchenFields kitchen={kitchen} cooks={cooks} onChange={set} />,
];

/** Five short steps from a new door to a kitchen that knows how one cooks; each can be skipped, and said later. */
export function StepsScreen() {
  const router = useRouter();
  const { name, settings } = useHousehold();
  const [change, { error }] = useChangeSettingsMutation();
  const { step } = useLocalSearchParams<{ step?: string }>();
  const at = Math.min(STEPS.length, Math.max(1, Math.trunc(Number(step)) || 1));
  const last = at === STEPS.length;
  const go = () => (last ? router.replace('/now') : router.push(`/welcome/steps?step=${at + 1}` as never));
  return (
    <DoorPage title={name} lead={`Step ${at} of ${STEPS.length}. All of it can be changed later.`}>
      {STEPS[at - 1]!(settings, (patch) => void change(patch))}
      {error && (
        <Words tone="hot" role="alert">
          {sentenceOf(error)}
        </Words>
      )}
      <View style={styles.row}>
        {!last && <Button kind="plain" label="Skip the rest" onPress={() => router.replace('/now')} />}
        <Button kind="main" grow label={last ? 'Into the kitchen' : 'Next'} onPress={go} />
      </View>
    </DoorPage>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.m } });
