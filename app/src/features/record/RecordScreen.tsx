import type { Channel, StoreId } from '@omtel/core/api';
import { storeIds } from '@omtel/core/api';
import { endOfDay } from '@omtel/core/time';
import { DAY_MS, SECOND_MS } from '@omtel/core/units';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChannelRecordQuery, useDevicesQuery } from '../../store/devicesApi';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { FileLink } from '../../ui/FileLink';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { TextLink } from '../../ui/TextLink';
import { Until } from '../../ui/Until';
import { Words } from '../../ui/Words';
import { adviceWords, factLines } from './factWords';
import { RecordDrawing } from './RecordDrawing';

const SPANS = { day: 1, week: 7, year: 365 } as const;
type Span = keyof typeof SPANS;

/** A page that lies open follows what is sent. */
const EVERY_MS = 30_000;

const isStore = (text: string | undefined): text is StoreId => storeIds.some((store) => store === text);

/** The record of a refrigerator or freezer: what its sensor read, what that amounts to, and what is to be done. */
export function RecordScreen() {
  const { store } = useLocalSearchParams<{ store: string }>();
  const query = useDevicesQuery(undefined, { pollingInterval: EVERY_MS });
  const { data } = query;
  if (!isStore(store))
    return (
      <Screen title="Record" backTo="/stores">
        <Empty title="It is not here">There is a record of the refrigerator and one of the freezer.</Empty>
      </Screen>
    );
  const found = data?.devices
    .flatMap(({ id, channels }) => channels.map((channel) => ({ id, channel })))
    .filter(({ channel }) => channel.measured?.of === store)
    .sort((a, b) => (b.channel.last?.at ?? 0) - (a.channel.last?.at ?? 0))[0];
  if (found) return <Record key={store} store={store} {...found} />;
  return (
    <Screen title={`The ${store}’s record`} backTo="/stores">
      <Until what="the record" query={query} />
      {data && (
        <Empty title="No sensor says how warm it is">
          Add a device and say that it measures this store: then its air is drawn here by day and by week.
        </Empty>
      )}
      {data && (
        <TextLink href="/devices" face="strong">
          Devices
        </TextLink>
      )}
    </Screen>
  );
}

interface RecordProps {
  readonly store: StoreId;
  readonly id: string;
  readonly channel: Channel;
}

function Record({ store, id, channel }: RecordProps) {
  const { now, zone, units, rules } = useKitchen();
  const [span, setSpan] = useState<Span>('day');
  const [back, setBack] = useState(0);
  const days = SPANS[span];
  const midnight = endOfDay(now, -1, zone) + SECOND_MS;
  // A day is the last 24 hours, so that this night is in sight; what was before goes by days of the calendar.
  const to =
    back === 0 ? Math.ceil(now / GRAIN_MS) * GRAIN_MS : endOfDay(now, -back * days, zone) + SECOND_MS;
  const from = Math.max(0, to - days * DAY_MS);
  const query = useChannelRecordQuery({ id, channel: channel.name, from, to }, { pollingInterval: EVERY_MS });
  const { data } = query;
  const told = { now, zone, units, rules };
  const facts = data?.facts;
  const advice = facts && adviceWords(facts, told);
  return (
    <Screen title={`The ${store}’s record`} backTo="/stores" roomy>
      <Choice
        label="Shown"
        quiet
        value={span}
        onChange={(value) => {
          setSpan(value);
          setBack(0);
        }}
        options={[
          { value: 'day', label: 'Day' },
          { value: 'week', label: 'Week' },
          { value: 'year', label: 'Year' },
        ]}
      />
      <Until what="what it read" query={query} />
      {advice && (
        <View role="status">
          <Words size="lead" tone="hot">
            {advice}
          </Words>
        </View>
      )}
      {data && data.parts.length === 0 && (
        <Empty title="Nothing was read then">Go back, or look at a longer time.</Empty>
      )}
      {data && data.parts.length > 0 && (
        <RecordDrawing
          store={store}
          parts={data.parts}
          of={data.of}
          from={from}
          to={to}
          midnight={midnight}
          rules={rules}
          units={units}
          zone={zone}
          now={now}
        />
      )}
      <View style={styles.row}>
        <Button label={`The ${span} before`} onPress={() => setBack(back + 1)} />
        {back > 0 && <Button label={`The ${span} after`} onPress={() => setBack(back - 1)} />}
      </View>
      {data?.by && (
        <Words tone={data.by.doubted ? 'hot' : 'soft'}>
          {data.by.doubted
            ? `${data.by.name} is in doubt: that it shows cold proves nothing until it is checked.`
            : `As ${data.by.name} shows it, set right by its checks.`}
        </Words>
      )}
      {facts && (
        <Rows title="What it amounts to">
          {factLines(store, facts, told).map(({ what, value, grave }, index) => (
            <View key={`${what}${index}`} style={styles.fact}>
              <Words tone={grave ? 'hot' : 'soft'} style={styles.grow}>
                {what}
              </Words>
              <Words tone={grave ? 'hot' : 'ink'} tabular>
                {value}
              </Words>
            </View>
          ))}
        </Rows>
      )}
      <View style={styles.row}>
        <FileLink href="/api/stores/readings.csv" label="What was noted of all stores, as CSV" />
        <FileLink href="/api/stores/readings.json" label="As JSON" />
      </View>
      <TextLink href={`/devices/${id}`} face="strong">
        The device that reads it
      </TextLink>
    </Screen>
  );
}

/** The end of what is asked for moves by so much, so that an open page asks for the same for a while. */
const GRAIN_MS = 60_000;

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  fact: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', gap: space.m },
  grow: { flexGrow: 1 },
});
