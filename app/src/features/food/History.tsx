import { moment } from '@omtel/core/time';
import type { FoodEvent } from '@omtel/core/trail';
import { useKitchen } from '../../store/useKitchen';
import { Rows } from '../../ui/Rows';
import { Entry } from '../entry/Entry';

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
  const newestFirst = [...events].reverse();
  return (
    <Rows title="What happened">
      {newestFirst.map((event) => (
        <Entry
          key={event.id}
          event={event}
          when={moment(event.at, now, zone)}
          whenWidth={WHEN_WIDTH}
          open={event.foodId === foodId}
        />
      ))}
    </Rows>
  );
}

/** "Yesterday 17:45" in one line. */
const WHEN_WIDTH = 128;
