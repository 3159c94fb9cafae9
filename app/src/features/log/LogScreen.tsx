import type { LogEntry } from '@omtel/core/api';
import { isOfMeal, subjectOf } from '@omtel/core/record';
import { clockWords, endOfDay } from '@omtel/core/time';
import { useLocalSearchParams } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { StyleSheet } from 'react-native';
import { useLogInfiniteQuery } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useHousehold, useKitchen } from '../../store/useKitchen';
import { useMay } from '../../store/useMay';
import { SearchField } from '../../ui/SearchField';
import { ListScreen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { TextLink } from '../../ui/TextLink';
import { Empty, Failed, Loading } from '../../ui/states';
import { useWide } from '../../ui/theme';
import { space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Entry } from '../entry';
import { Words } from '../../ui/Words';
import { FoodScreen } from '../food';
import { byDay, isSoughtEntry, newestFirst } from './entries';
import { RecordLinks } from './RecordLinks';

/** What happened in the kitchen, newest first. */
export function LogScreen() {
  const { now, zone, units } = useKitchen();
  const query = useLogInfiniteQuery();
  const { data, error, hasNextPage, isFetching, fetchNextPage } = query;
  const [text, setText] = useState('');
  const wanted = text.trim();
  const today = endOfDay(now, 0, zone);
  const days = useMemo(() => {
    const told = { units, zone, today };
    return byDay(
      newestFirst(data?.pages ?? []).filter((entry) => isSoughtEntry(entry, wanted, told)),
      told,
    );
  }, [data, wanted, units, zone, today]);
  // A search goes on to the beginning, or until the screen is full.
  const few = wanted !== '' && days.reduce((sum, { data: found }) => sum + found.length, 0) < ENOUGH_FOUND;
  const goesOn = hasNextPage && !isFetching && !error;
  useEffect(() => {
    if (few && goesOn) void fetchNextPage();
  }, [few, goesOn, fetchNextPage]);
  const further =
    hasNextPage &&
    (error ? (
      <Failed sentence={sentenceOf(error)} onRetry={() => void fetchNextPage()} />
    ) : (
      isFetching && <Loading what="what was before" />
    ));
  const wide = useWide();
  const { me } = useHousehold();
  const maySetRight = useMay('takeAway');
  const { food: shown = firstFood(days) } = useLocalSearchParams<{ food?: string }>();
  const row = useCallback(
    ({ event, name, by, takenBack }: LogEntry) => {
      const subject = subjectOf(event);
      const page = isOfMeal(event)
        ? `/plan/meal/${subject}`
        : wide
          ? `/log?food=${subject}`
          : `/food/${subject}`;
      return (
        <Entry
          event={event}
          when={clockWords(event.at, zone)}
          whenWidth={WHEN_WIDTH}
          takenBack={takenBack}
          open={!takenBack && (maySetRight || by === me?.name)}
        >
          <TextLink href={page} face={wide && subject === shown ? 'strong' : 'text'} style={styles.food}>
            {name}
          </TextLink>
          {by && (
            <Words size="small" tone="soft">
              {by}
            </Words>
          )}
        </Entry>
      );
    },
    [zone, wide, shown, maySetRight, me],
  );
  const list = (
    <ListScreen
      title="Log"
      subtitle="What happened, newest first"
      sections={days}
      keyOf={({ event }) => event.id}
      row={row}
      onEnd={goesOn ? () => void fetchNextPage() : undefined}
      after={further}
    >
      <RecordLinks />
      <Until what="the log" query={query} />
      {data && data.pages[0]!.entries.length > 0 && (
        <SearchField
          label="Look for"
          onSearch={setText}
          most={MOST_TYPED}
          hint="A food, a place, a day, or what was done"
        />
      )}
      {data && days.length === 0 && !hasNextPage && (
        <Empty title={wanted ? 'Nothing of that kind' : 'Nothing noted yet'}>
          {wanted ? 'Try fewer words.' : 'Every tick and reading is kept here.'}
        </Empty>
      )}
    </ListScreen>
  );
  return <Split list={list} detail={shown && <FoodScreen key={shown} foodId={shown} />} />;
}

/** The food that is shown beside the list when nobody chose one. */
function firstFood(days: readonly { readonly data: readonly LogEntry[] }[]): string | undefined {
  for (const { data } of days) for (const { event } of data) if (!isOfMeal(event)) return event.foodId;
  return undefined;
}

/** A clock time. */
const WHEN_WIDTH = 56;
const MOST_TYPED = 80;
/** More than a screen shows. */
const ENOUGH_FOUND = 30;

// The row has room below it.
const styles = StyleSheet.create({ food: { marginTop: -space.xs, marginBottom: -space.m } });
