import type { Channel, Device, DeviceKey, StoreId } from '@omtel/core/api';
import { moment } from '@omtel/core/time';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  useDevicesQuery,
  useRemoveDeviceMutation,
  useRenewKeyMutation,
  useRevokeKeyMutation,
  useSayWhatChannelMeasuresMutation,
} from '../../store/devicesApi';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { FileLink } from '../../ui/FileLink';
import { useGoTo } from '../../ui/goTo';
import { PageLink } from '../../ui/PageLink';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Heading, Words } from '../../ui/Words';
import { isLow, lastWords } from './channelWords';
import { NewKey } from './NewKey';
import { LoggerFileForm } from './LoggerFileForm';

/** A page that lies open follows what is sent. */
const EVERY_MS = 5_000;

/** One device: what its channels measure, what they read last, and its key. */
export function DeviceScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useDevicesQuery(undefined, { pollingInterval: EVERY_MS });
  const { data } = query;
  const device = data?.devices.find((each) => each.id === id);
  if (device) return <OneDevice device={device} />;
  return (
    <Screen title="Device" backTo="/devices">
      {data && <Empty title="It is not here">No device of this household has that address.</Empty>}
      <Until what="the device" query={query} />
    </Screen>
  );
}

function OneDevice({ device: { id, name, madeAt, hasKey, columns, channels } }: { readonly device: Device }) {
  const { now, zone } = useKitchen();
  const router = useRouter();
  const [renew, { error: notRenewed }] = useRenewKeyMutation();
  const [revoke, { error: notRevoked }] = useRevokeKeyMutation();
  const [remove, { error: notRemoved }] = useRemoveDeviceMutation();
  const [made, setMade] = useState<DeviceKey | null>(null);
  const [leaving, setLeaving] = useState(false);
  const error = notRenewed ?? notRevoked ?? notRemoved;
  const another = async () => {
    const answer = await renew(id);
    if ('data' in answer) setMade(answer.data!);
  };
  const removeIt = async () => {
    if ('data' in (await remove(id))) router.replace('/devices' as never);
  };
  return (
    <Screen title={name} subtitle={`Since ${moment(madeAt, now, zone)}`} backTo="/devices">
      {made && <NewKey device={made} onDone={() => setMade(null)} />}
      {channels.length === 0 && !made && (
        <Empty title="Nothing came from it yet">
          Send a line with its key, and its channel stands here: then say what it measures.
        </Empty>
      )}
      {channels.map((channel) => (
        <OneChannel key={channel.name} id={id} channel={channel} />
      ))}
      <LoggerFileForm id={id} remembered={columns} channel={channels[0]?.name ?? '1'} />
      {error && (
        <View role="alert">
          <Words tone="hot">{sentenceOf(error)}</Words>
        </View>
      )}
      {channels.length > 0 && (
        <View style={styles.row}>
          <FileLink href={`/api/devices/${id}/readings.csv`} label="All it read as CSV" />
          <FileLink href={`/api/devices/${id}/readings.json`} label="As JSON" />
        </View>
      )}
      {!made && (
        <View style={styles.row}>
          <Button label={hasKey ? 'Another key' : 'Give it a key'} onPress={another} />
          {hasKey && <Button kind="plain" label="Take its key back" onPress={() => revoke(id)} />}
          <Button kind="plain" label="Remove it" onPress={() => setLeaving(true)} />
        </View>
      )}
      {leaving && (
        <View style={styles.group} role="alert">
          <Words>All it read goes with it. What foods were told by it stays told.</Words>
          <View style={styles.row}>
            <Button label="Remove it with all it read" onPress={removeIt} />
            <Button kind="plain" label="Keep it" onPress={() => setLeaving(false)} />
          </View>
        </View>
      )}
    </Screen>
  );
}

type Of = StoreId | 'nothing';

const MEASURES: readonly { readonly value: Of; readonly label: string }[] = [
  { value: 'refrigerator', label: 'The refrigerator' },
  { value: 'freezer', label: 'The freezer' },
  { value: 'nothing', label: 'Nothing that counts' },
];

/** A channel: what it read last, what it measures, and whether it did so all along. */
function OneChannel({ id, channel }: { readonly id: string; readonly channel: Channel }) {
  const kitchen = useKitchen();
  const goTo = useGoTo();
  const [say, { error }] = useSayWhatChannelMeasuresMutation();
  const { name, measured, since, last } = channel;
  const now = Math.round(kitchen.now);
  const measures = (value: Of, from: number) =>
    say({ id, channel: name, measured: value === 'nothing' ? null : { of: value }, since: from });
  return (
    <View style={styles.group}>
      <Heading small>{`Channel ${name}`}</Heading>
      {last && (
        <Words size="lead" tabular>
          {lastWords(last, kitchen)}
        </Words>
      )}
      {isLow(channel) && <Words tone="hot">Its battery is low: a flat one reads nothing, or nonsense.</Words>}
      {measured?.of === 'food' ? (
        <View style={styles.row}>
          <PageLink href={`/food/${measured.foodId}/cook`}>
            <Words tone="rim" face="strong">
              The food it is in
            </Words>
          </PageLink>
          <Button kind="plain" label="It is out" onPress={() => measures('nothing', now)} />
        </View>
      ) : (
        <Choice
          label="It measures"
          value={measured?.of ?? 'nothing'}
          onChange={(value) => value !== (measured?.of ?? 'nothing') && void measures(value, now)}
          options={MEASURES}
        />
      )}
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      {measured && measured.of !== 'food' && (
        <View style={styles.row}>
          <Words tone="soft" style={styles.grow}>
            {since === 0
              ? 'All it ever read counts.'
              : `It counts since ${moment(since, kitchen.now, kitchen.zone)}.`}
          </Words>
          {since > 0 && (
            <Button kind="plain" label="It was there all along" onPress={() => measures(measured.of, 0)} />
          )}
          <Button label={`The ${measured.of}’s record`} onPress={() => goTo(`/record/${measured.of}`)} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'center' },
  grow: { flexGrow: 1 },
});
