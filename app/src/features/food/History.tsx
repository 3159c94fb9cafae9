import { moment } from '@omtel/core/time';
import { eventWords, type FoodEvent } from '@omtel/core/trail';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { Correct } from './Correct';

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

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.m, minHeight: 24 },
  when: { width: 128 },
  what: { flex: 1 },
});
