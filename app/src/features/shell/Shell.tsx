import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { lazy, Suspense, useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useHousehold } from '../../store/useKitchen';
import { Later } from '../../ui/Later';
import { pageOpened } from '../../ui/press';
import { useLook, useWide } from '../../ui/theme';
import { useChosenBySpace } from '../../ui/useChosenBySpace';
import { useKeepFocus } from '../../ui/useKeepFocus';
import { PlaceBar } from './PlaceBar';
import { OutboxNotice } from './OutboxNotice';
import { TickBar } from './TickBar';
import { UnitsAtNumber } from './UnitsAtNumber';

const ClosingNotice = lazy(async () => ({ default: (await import('./ClosingNotice')).ClosingNotice }));
const Elsewhere = lazy(async () => ({ default: (await import('./Elsewhere')).Elsewhere }));
const KeptAtHand = lazy(async () => ({ default: (await import('./KeptAtHand')).KeptAtHand }));
const NewVersion = lazy(async () => ({ default: (await import('./NewVersion')).NewVersion }));
const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts')).Shortcuts }));
const Watch = lazy(async () => ({ default: (await import('./Watch')).Watch }));

/** The house: five places in a bar at the thumb, or in a rail at the left where there is room. */
export function Shell() {
  const { colors } = useLook();
  const wide = useWide();
  const path = usePathname();
  const { id, closesAt } = useHousehold();
  const [keys, setKeys] = useState(false);
  useKeepFocus();
  useChosenBySpace();
  return (
    <View style={[styles.house, { backgroundColor: colors.ground, flexDirection: wide ? 'row' : 'column' }]}>
      {wide && <PlaceBar path={path} rail onKeys={() => setKeys(true)} />}
      <View style={styles.room} role="main">
        <OutboxNotice />
        <Later>
          <Suspense>
            <NewVersion />
          </Suspense>
        </Later>
        {/* Nothing rings before the first page stands. */}
        <Later>
          <Suspense>
            <Watch />
          </Suspense>
        </Later>
        {closesAt !== null && (
          <Suspense>
            <ClosingNotice closesAt={closesAt} />
          </Suspense>
        )}
        {/* What was noted lies over the page, never over the word that it is not sent yet. */}
        <View style={styles.room}>
          <TickBar path={path} />
          <Slot />
          <Later>
            <Suspense>
              <Elsewhere key={id} />
              <KeptAtHand key={id} />
            </Suspense>
          </Later>
        </View>
      </View>
      {!wide && <PlaceBar path={path} />}
      <UnitsAtNumber />
      <Later>
        <Suspense>
          <Shortcuts shown={keys} onShow={setKeys} />
        </Suspense>
      </Later>
      <Opening path={path} />
    </View>
  );
}

/** Tells of every page that opened, and of every panel that opened in one. */
function Opening({ path }: { readonly path: string }) {
  const opened = JSON.stringify(useGlobalSearchParams());
  useEffect(pageOpened, [path, opened]);
  return null;
}

const styles = StyleSheet.create({ house: { flex: 1 }, room: { flex: 1 } });
