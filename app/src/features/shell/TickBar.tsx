import { clockWords } from '@omtel/core/time';
import { MINUTE_MS } from '@omtel/core/units';
import X from 'lucide-react-native/icons/x';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useTakeBackOfStoresMutation } from '../../store/api';
import { record } from '../../store/outbox/record';
import { setRight, type SetRight } from '../../store/outbox/setRight';
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

/** Where a tick was shown: on the page of its act, and then on the one that was gone to. */
interface Shown {
  readonly id: string | null;
  readonly path: string;
  readonly goneTo: string | null;
}

/**
 * After an act: what was noted, and the chance to say it was a while ago or to take it back. On the page of the act it lies
 * over the head for a while, so that nothing moves under a finger; the page that is gone to has it above its head until it is left,
 * so that it covers nothing there.
 */
export function TickBar({ path }: { readonly path: string }) {
  const tick = useAppSelector((state) => state.tick.shown);
  const dispatch = useAppDispatch();
  const { colors } = useLook();
  const id = tick && (tick.ofStore?.id ?? tick.events.map((event) => event.id).join());
  const [shown, setShown] = useState<Shown>({ id, path, goneTo: null });
  if (shown.id !== id) setShown({ id, path, goneTo: null });
  else if (shown.goneTo === null && shown.path !== path) setShown({ ...shown, goneTo: path });
  const covers = shown.goneTo === null;
  const left = !covers && shown.goneTo !== path;

  useEffect(() => {
    if (!tick) return;
    pressDone();
  }, [tick]);
  useEffect(() => {
    if (!tick || !covers) return;
    const timer = setTimeout(() => dispatch(tickSlice.actions.settled()), STAYS_MS);
    return () => clearTimeout(timer);
  }, [tick, covers, dispatch]);
  useEffect(() => {
    if (left) dispatch(tickSlice.actions.settled());
  }, [left, dispatch]);

  if (!tick || left) return null;
  return (
    <View
      role="status"
      nativeID="noted"
      style={[styles.bar, covers && styles.over, { backgroundColor: colors.enamel, borderColor: colors.rim }]}
      key={id}
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
  const { events, takeBack: instead, ofStore, what, at, notBefore, next = [], takenBack } = tick;
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { zone, now } = useKitchen();
  const [open, setOpen] = useState(false);
  const [takeBackOfStores, { error }] = useTakeBackOfStoresMutation();
  const correct = (how: SetRight) =>
    dispatch(record(...events.flatMap((event) => setRight(event, now, how) ?? [])));
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
    if (instead) await dispatch(record(...instead));
    else if (!ofStore) await correct({ withdrawn: true });
  };
  if (takenBack) return <Words face="strong" style={styles.takenBack}>{`Taken back: ${what}`}</Words>;
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
    margin: space.s,
    marginBottom: 0,
    flexDirection: 'row',
    alignItems: 'flex-start',
    borderWidth: 2,
    borderRadius: corner.l,
    paddingLeft: space.l,
    paddingTop: space.s,
  },
  over: { position: 'absolute', top: 0, left: 0, right: 0, zIndex: 2 },
  what: { flex: 1 },
  takenBack: { flex: 1, paddingBottom: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  close: { width: REACH, height: REACH, alignItems: 'center', justifyContent: 'center' },
});
