import { moment } from '@omtel/core/time';
import type { FoodEvent } from '@omtel/core/record';
import { useState } from 'react';
import { View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { Entry } from '../entry';

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
  const { now, zone } = useKitchen();
  const [all, setAll] = useState(false);
  const newestFirst = [...events].reverse();
  const shown = all ? newestFirst : newestFirst.slice(0, AT_FIRST);
  return (
    <View>
      <Rows title="What happened">
        {shown.map((event) => (
          <Entry
            key={event.id}
            event={event}
            when={moment(event.at, now, zone)}
            whenWidth={WHEN_WIDTH}
            open={event.foodId === foodId}
          />
        ))}
      </Rows>
      {shown.length < newestFirst.length && (
        <Button kind="plain" label={`All ${newestFirst.length} entries`} onPress={() => setAll(true)} />
      )}
    </View>
  );
}

/** What one looks back for is among these, and a long life need not be drawn to open its page. */
const AT_FIRST = 12;

/** "Yesterday 17:45" in one line. */
const WHEN_WIDTH = 128;
