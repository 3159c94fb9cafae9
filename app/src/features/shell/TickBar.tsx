import { clockWords } from '@omtel/core/time';
import { MINUTE_MS } from '@omtel/core/units';
import X from 'lucide-react-native/icons/x';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useTakeBackOfStoresMutation } from '../../store/api';
import { newEvent, record } from '../../store/outbox/record';
import { sentenceOf } from '../../store/problem';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { tickSlice, type Tick } from '../../store/tick';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { pressDone } from '../../ui/press';
import { corner, REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

const STAYS_MS = 20_000;
const EARLIER_MIN = [5, 12, 30];

/**
 * After an act: what was noted, and the chance to say it was a while ago or to take it back. It lies over the head of the
 * page, so that nothing moves under a finger.
 */
export function TickBar() {
  const tick = useAppSelector((state) => state.tick.shown);
  const dispatch = useAppDispatch();
  const { colors } = useLook();

  useEffect(() => {
    if (!tick) return;
    pressDone();
    const timer = setTimeout(() => dispatch(tickSlice.actions.settled()), STAYS_MS);
    return () => clearTimeout(timer);
  }, [tick, dispatch]);

  if (!tick) return null;
  return (
    <View
      role="status"
      style={[styles.bar, { backgroundColor: colors.enamel, borderColor: colors.rim }]}
      key={tick.ofStore?.id ?? tick.events.map(({ id }) => id).join()}
    >
      <Noted tick={tick} />
      <Pressable
        role="button"
        aria-label="Close"
        style={styles.close}
        onPress={() => dispatch(tickSlice.actions.settled())}
      >
        <X size={22} color={colors.soft} />
      </Pressable>
    </View>
  );
}

function Noted({ tick }: { readonly tick: Tick }) {
  const { events, ofStore, what, at, notBefore, next = [], takenBack } = tick;
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { zone, now } = useKitchen();
  const [open, setOpen] = useState(false);
  const [takeBackOfStores, { error }] = useTakeBackOfStoresMutation();
  const correct = (payload: { at?: number; withdrawn?: true }) =>
    dispatch(
      record(
        ...events.map(({ id, foodId }) => newEvent(foodId, now, 'corrected', { eventId: id, ...payload })),
      ),
    );
  const moveTo = async (earlier: number) => {
    await correct({ at: earlier });
    dispatch(tickSlice.actions.movedTo(earlier));
    setOpen(false);
  };
  const takeBack = async () => {
    if (ofStore) {
      const told = await takeBackOfStores(ofStore);
      if ('error' in told) return;
    }
    dispatch(tickSlice.actions.takenBack());
    if (!ofStore) await correct({ withdrawn: true });
  };
  if (takenBack) return <Words face="strong" style={styles.what}>{`Taken back: ${what}`}</Words>;
  const earlier =
    notBefore === null
      ? []
      : EARLIER_MIN.filter((minutes) => Math.round(now - minutes * MINUTE_MS) >= notBefore);
  return (
    <View style={styles.what}>
      <Words face="strong">
        {what}, {clockWords(at, zone)}
      </Words>
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      <View style={styles.row}>
        <Button kind="plain" label="Undo" onPress={takeBack} />
        {earlier.length > 0 && <Button kind="plain" label="It was earlier" onPress={() => setOpen(!open)} />}
        {next.map(({ label, page }) => (
          <Button key={page} kind="plain" label={label} onPress={() => router.push(page as never)} />
        ))}
      </View>
      {open && (
        <View style={styles.row}>
          {earlier.map((minutes) => (
            <Button
              key={minutes}
              kind="plain"
              label={`${minutes} min ago`}
              onPress={() => moveTo(Math.round(now - minutes * MINUTE_MS))}
            />
          ))}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: {
    position: 'absolute',
    top: space.s,
    left: space.s,
    right: space.s,
    zIndex: 2,
    flexDirection: 'row',
    alignItems: 'flex-start',
    borderWidth: 2,
    borderRadius: corner.l,
    paddingLeft: space.l,
    paddingTop: space.s,
  },
  what: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  close: { width: REACH, height: REACH, alignItems: 'center', justifyContent: 'center' },
});
