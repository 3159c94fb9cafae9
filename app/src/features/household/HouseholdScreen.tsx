import type { SettingsPatch } from '@omtel/core/api';
import { whyNot } from '@omtel/core/roles';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { api, useChangeSettingsMutation, useSignOutMutation } from '../../store/api';
import { closesHere } from '../../store/kept/copy';
import { isSignedOut, sentenceOf } from '../../store/problem';
import { useAppDispatch } from '../../store/store';
import { useMay } from '../../store/useMay';
import { useKitchen } from '../../store/useKitchen';
import { Beside } from '../../ui/Beside';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Screen } from '../../ui/Screen';
import { SwitchRow } from '../../ui/SwitchRow';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { RemindersFields } from '../reminders';
import { CalendarFeed } from './CalendarFeed';
import { DemoClock } from './DemoClock';
import { GuidanceFields } from './GuidanceFields';
import { HomeAndAwake } from './HomeAndAwake';
import { KitchenFields } from './KitchenFields';
import { StepsScreen } from './StepsScreen';
import { TableFields } from './TableFields';
import { ThermometersLink } from './ThermometersLink';
import { TimesFields } from './TimesFields';
import { UnitsFields } from './UnitsFields';
import { WarmMonths } from './WarmMonths';
import { WhoIsInLink } from './WhoIsInLink';
import { ZoneField } from './ZoneField';

/** The household: the steps a new one is asked, or all that can be said of it: guidance, units, look, thermometer, when somebody is home and awake, and the demo's clock. */
export function HouseholdScreen() {
  const { step } = useLocalSearchParams<{ step?: string }>();
  const mayDecide = useMay('decide');
  if (!mayDecide) return <HelpersScreen />;
  return step ? <StepsScreen key={step} step={step} /> : <AllSettings />;
}

function AllSettings() {
  const { household, settings, rules } = useKitchen();
  const [change] = useChangeSettingsMutation();
  const set = (patch: SettingsPatch) => void change(patch);
  return (
    <Screen title={household.name} subtitle={`Rules: ${rules.name}`} backTo="/now" roomy>
      <Beside
        left={
          <>
            {household.clock.movable && <DemoClock />}
            <GuidanceFields guidance={settings.guidance} onChange={(guidance) => set({ guidance })} />
            <TableFields table={settings.table} onChange={(table) => set({ table })} />
            <WhoIsInLink />
            <ThermometersLink />
          </>
        }
        right={
          <>
            <UnitsFields units={settings.units} onChange={(units) => set({ units })} />
            <TimesFields times={settings.times} onChange={(times) => set({ times })} />
            <ZoneField zone={settings.zone} onChange={(zone) => set({ zone })} />
            <View style={styles.group}>
              <Heading>Look</Heading>
              <Choice
                label="Light or dark"
                value={settings.theme}
                onChange={(theme) => set({ theme })}
                options={[
                  { value: 'system', label: 'As the device' },
                  { value: 'light', label: 'Light' },
                  { value: 'dark', label: 'Dark' },
                ]}
              />
              <SwitchRow
                label="Larger text"
                value={settings.largerText}
                onChange={(largerText) => set({ largerText })}
              />
            </View>
            <WarmMonths months={settings.warmMonths} onChange={(warmMonths) => set({ warmMonths })} />
            <HomeAndAwake
              availability={settings.availability}
              onChange={(availability) => set({ availability })}
            />
            <KitchenFields kitchen={settings.kitchen} cooks={settings.cooks} onChange={set} />
            <RemindersFields reminders={settings.reminders} onChange={(reminders) => set({ reminders })} />
            <CalendarFeed />
            <SignOut />
          </>
        }
      />
    </Screen>
  );
}

/** What there is here for who may change nothing of it. */
function HelpersScreen() {
  const { household, rules } = useKitchen();
  return (
    <Screen title={household.name} subtitle={`Rules: ${rules.name}`} backTo="/now">
      <Words>{whyNot('helper', 'decide')}</Words>
      <WhoIsInLink />
      <SignOut />
    </Screen>
  );
}

function SignOut() {
  const [signOut, { isLoading, error }] = useSignOutMutation();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const leave = async () => {
    const { error: notOut } = await signOut();
    // Still signed in, this device would open again by itself once the server is there.
    if (notOut && !isSignedOut(notOut)) return;
    await closesHere();
    router.replace('/welcome');
    dispatch(api.util.resetApiState());
  };
  return (
    <>
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      <Button label="Sign out" busy={isLoading} onPress={leave} />
    </>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
});
