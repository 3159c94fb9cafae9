import type { LogEntry } from '@omtel/core/api';
import { clockOf, dayName } from '@omtel/core/time';
import { Link } from 'expo-router';
import { useLogQuery } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty, Failed, Loading } from '../../ui/states';
import { Entry } from '../entry/Entry';
import { Words } from '../../ui/Words';
import { UnitSwitch } from '../shell/UnitSwitch';

/** What happened in the kitchen, newest first. */
export function LogScreen() {
  const { now, zone } = useKitchen();
  const { data, error, refetch } = useLogQuery();
  const days = new Map<string, LogEntry[]>();
  for (const entry of data?.entries ?? []) {
    const day = dayName(entry.event.at, now, zone).replace(/^./, (first) => first.toUpperCase());
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return (
    <Screen title="Log" subtitle="What happened, newest first" aside={<UnitSwitch />}>
      {!data && error && <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />}
      {!data && !error && <Loading what="the log" />}
      {data && data.entries.length === 0 && (
        <Empty title="Nothing noted yet">Every tick and reading is kept here.</Empty>
      )}
      {[...days].map(([day, entries]) => (
        <Rows key={day} title={day}>
          {entries.map(({ event, foodName, takenBack }) => (
            <Entry
              key={event.id}
              event={event}
              when={clockOf(event.at, zone)}
              whenWidth={WHEN_WIDTH}
              takenBack={takenBack}
              open={!takenBack}
            >
              <Link href={`/food/${event.foodId}` as never}>
                <Words tone="rim">{foodName}</Words>
              </Link>
            </Entry>
          ))}
        </Rows>
      ))}
    </Screen>
  );
}

/** A clock time. */
const WHEN_WIDTH = 56;
