import { moment } from '@omtel/core/time';
import { eventWords, type FoodEvent } from '@omtel/core/trail';
import { MINUTE_MS } from '@omtel/core/units';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { newEvent, record } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const EARLIER_MIN = [5, 15, 60];

interface HistoryProps {
  /** Settled, with what happened to the food it was divided from. */
  readonly events: readonly FoodEvent[];
  readonly foodId: string;
}

/**
 * What happened, newest first. Any entry can be set right; the first version stays in the records. What happened before it
 * was divided is set right on the food it came from.
 */
export function History({ events, foodId }: HistoryProps) {
  const [open, setOpen] = useState<string | null>(null);
  const { now, zone, units } = useKitchen();
  const newestFirst = [...events].reverse();
  return (
    <Rows title="What happened">
      {newestFirst.map((event) => (
        <View key={event.id}>
          <Pressable
            role="button"
            aria-expanded={open === event.id}
            onPress={() => setOpen(open === event.id ? null : event.id)}
            style={styles.line}
          >
            <Words tabular tone="soft" style={styles.when}>
              {moment(event.at, now, zone)}
            </Words>
            <Words style={styles.what}>{eventWords(event, { units, zone })}</Words>
          </Pressable>
          {open === event.id && event.foodId === foodId && (
            <Correct event={event} onDone={() => setOpen(null)} />
          )}
        </View>
      ))}
    </Rows>
  );
}

function Correct({ event, onDone }: { readonly event: FoodEvent; readonly onDone: () => void }) {
  const dispatch = useAppDispatch();
  const { now } = useKitchen();
  const correct = (payload: { at?: number; withdrawn?: true }) => {
    void dispatch(record(newEvent(event.foodId, now, 'corrected', { eventId: event.id, ...payload })));
    onDone();
  };
  return (
    <View style={styles.correct}>
      {EARLIER_MIN.map((minutes) => (
        <Button
          key={minutes}
          kind="plain"
          label={`${minutes} min earlier`}
          onPress={() => correct({ at: event.at - minutes * MINUTE_MS })}
        />
      ))}
      <Button kind="plain" label="It did not happen" onPress={() => correct({ withdrawn: true })} />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.m, minHeight: 24 },
  when: { width: 128 },
  what: { flex: 1 },
  correct: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: -space.s },
});
