import type { LogEntry } from '@omtel/core/api';
import { eventWords } from '@omtel/core/record';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { api, useFoodsQuery } from '../../store/api';
import { follow } from '../../store/live/tabs';
import type { Happened } from '../../store/live/stream';
import { wasSentHere } from '../../store/outbox/sentHere';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { corner, REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

/** What is said of it can be read so long. */
const SAID_MS = 6_000;
/** Entries that come together are taken in together; what changes beside them, such as a sensor's air, no more often than this. */
const [TOGETHER_MS, BESIDE_MS] = [40, 5_000];

const ABOVE_FOOT = 2 * REACH;

/** Nobody says these: they are worked out, read by a probe every few minutes, or put something right that was said. */
const UNSAID: ReadonlySet<LogEntry['event']['type']> = new Set([
  'mealScheduled',
  'corrected',
  'reading',
  'storeWarm',
  'storeRight',
]);

/** What other devices record is here at once, and who did it is said. */
export function Elsewhere() {
  const { household, units, zone } = useKitchen();
  const dispatch = useAppDispatch();
  const { data } = useFoodsQuery();
  const [said, setSaid] = useState<LogEntry | null>(null);
  const soon = useSoon();
  const happened = useEffectEvent(({ entry }: Happened) => {
    if (!entry) {
      soon('beside', BESIDE_MS, () =>
        dispatch(api.util.invalidateTags(['Household', 'Food', 'Stores', 'Calendar'])),
      );
      return;
    }
    if (wasSentHere(entry.event.id)) return;
    soon('entries', TOGETHER_MS, () => dispatch(api.util.invalidateTags(['Food'])));
    if (entry.name && !UNSAID.has(entry.event.type)) setSaid(entry);
  });
  // A device that was signed out elsewhere learns so; one without a network says what it knows.
  const broken = useEffectEvent(() => dispatch(api.util.invalidateTags(['Household'])));
  const { id: householdId } = household;
  const heard = data?.heard;
  const begun = useRef(heard);
  begun.current ??= heard;
  const isTold = heard !== undefined;
  useEffect(
    () =>
      isTold
        ? follow({ householdId, heard: begun.current!, onHappened: happened, onBroken: broken })
        : undefined,
    [householdId, isTold],
  );
  useEffect(() => {
    if (!said) return;
    const timer = setTimeout(() => setSaid(null), SAID_MS);
    return () => clearTimeout(timer);
  }, [said]);

  const { colors } = useLook();
  return (
    <View aria-live="polite" style={styles.over}>
      {said && (
        <View style={[styles.said, { backgroundColor: colors.rim }]}>
          <Words size="small" tone="onRim">
            {`${said.by ?? 'Elsewhere'}: ${said.name}. ${eventWords(said.event, { units, zone })}`}
          </Words>
        </View>
      )}
    </View>
  );
}

/** Does something soon, and once for all that asked for it until then. */
function useSoon() {
  const timers = useRef(new Map<string, ReturnType<typeof setTimeout>>());
  const doneAt = useRef(new Map<string, number>());
  useEffect(() => {
    const all = timers.current;
    return () => all.forEach(clearTimeout);
  }, []);
  return (what: string, everyMs: number, act: () => unknown) => {
    if (timers.current.has(what)) return;
    const since = Date.now() - (doneAt.current.get(what) ?? -Infinity);
    const wait = Math.min(everyMs, Math.max(TOGETHER_MS, everyMs - since));
    timers.current.set(
      what,
      setTimeout(() => {
        timers.current.delete(what);
        doneAt.current.set(what, Date.now());
        act();
      }, wait),
    );
  };
}

const styles = StyleSheet.create({
  // What is said lies over the page, and every tap goes through it.
  over: {
    position: 'absolute',
    // Above what a page's main button stands on, and clear of what was noted here.
    bottom: ABOVE_FOOT,
    left: space.m,
    right: space.m,
    zIndex: 3,
    alignItems: 'center',
    pointerEvents: 'none',
  },
  said: { paddingHorizontal: space.m, paddingVertical: space.s, borderRadius: corner.m },
});
