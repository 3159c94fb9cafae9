import type { Settings, SettingsPatch } from '@omtel/core/api';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { useChangeSettingsMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';
import { GuidanceFields } from './GuidanceFields';
import { HomeAndAwake } from './HomeAndAwake';
import { KitchenFields } from './KitchenFields';
import { UnitsFields } from './UnitsFields';
import { ZoneField } from './ZoneField';

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

/**
 * Five short steps from a new door to a kitchen that knows how one cooks; each can be skipped, and said later.
 *
 * @param step 1 to 5, as the address has it
 */
export function StepsScreen({ step }: { readonly step: string }) {
  const router = useRouter();
  const { name, settings } = useHousehold();
  const [change, { error }] = useChangeSettingsMutation();
  const at = Math.min(STEPS.length, Math.max(1, Math.trunc(Number(step)) || 1));
  const last = at === STEPS.length;
  const go = () => (last ? router.replace('/now') : router.push(`/household?step=${at + 1}` as never));
  return (
    <Screen
      title={name}
      subtitle={`Step ${at} of ${STEPS.length}. All of it can be changed later.`}
      foot={
        <>
          {!last && <Button kind="plain" label="Skip the rest" onPress={() => router.replace('/now')} />}
          <Button kind="main" grow label={last ? 'Into the kitchen' : 'Next'} onPress={go} />
        </>
      }
    >
      {STEPS[at - 1]!(settings, (patch) => void change(patch))}
      {error && (
        <Words tone="hot" role="alert">
          {sentenceOf(error)}
        </Words>
      )}
    </Screen>
  );
}
