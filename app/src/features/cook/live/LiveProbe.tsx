import type { Channel, Device } from '@omtel/core/api';
import { placesOf } from '@omtel/core/clocks';
import { PLACE_LABELS, type ProbePlace } from '@omtel/core/record';
import { clockWords } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { formatTemperature, MINUTE_MS } from '@omtel/core/units';
import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { api } from '../../../store/api';
import { useDevicesQuery, useSayWhatChannelMeasuresMutation } from '../../../store/devicesApi';
import { sentenceOf } from '../../../store/problem';
import { useAppDispatch } from '../../../store/store';
import { useKitchen } from '../../../store/useKitchen';
import { Button } from '../../../ui/Button';
import { chime } from '../../../ui/chime';
import { space } from '../../../ui/tokens';
import { Heading, Words } from '../../../ui/Words';
import { StandInProbe } from './StandInProbe';

/** What is sent is looked for so often while the page is open. */
const EVERY_MS = 3_000;
/** Nothing for so long, and the probe is silent. */
const SILENT_MS = MINUTE_MS;

interface InFood {
  readonly device: Device;
  readonly channel: Channel;
  readonly place: ProbePlace;
}

/** The probes left in a food: what they read now, whether they can be believed, and which of them decides. */
export function LiveProbe({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const { data } = useDevicesQuery(undefined, { pollingInterval: EVERY_MS });
  const [say, { error }] = useSayWhatChannelMeasuresMutation();
  const all =
    data?.devices.flatMap((device) => device.channels.map((channel) => ({ device, channel }))) ?? [];
  const inFood = all.flatMap(({ device, channel }): InFood[] =>
    channel.measured?.of === 'food' && channel.measured.foodId === food.foodId
      ? [{ device, channel, place: channel.measured.place }]
      : [],
  );
  useFollowed(inFood, food);
  const free = all.filter(({ channel }) => channel.measured === null);
  const taken = new Set(inFood.map(({ place }) => place));
  const next = placesOf(food).find((place) => !taken.has(place));
  const { now, zone, units } = kitchen;
  const counting = inFood.filter(({ channel }) => channel.last && !isSilent(channel, now) && !channel.leapt);
  const lowest = Math.min(...counting.map(({ channel }) => channel.last!.celsius));
  if (!data) return null;
  return (
    <View style={styles.group}>
      {inFood.length > 0 && <Heading small>The probe in it</Heading>}
      {inFood.map(({ device, channel, place }) => (
        <View key={`${device.id}${channel.name}`} style={styles.probe}>
          <Words size="title" face="display" tabular style={styles.figure}>
            {channel.last
              ? formatTemperature({ value: channel.last.celsius, unit: 'C' }, units)
              : 'nothing yet'}
          </Words>
          <View style={styles.grow}>
            <Words>{PLACE_LABELS[place]}</Words>
            <Words tone={isSilent(channel, now) || channel.leapt ? 'hot' : 'soft'}>
              {stateWords(channel, { now, zone }, counting.length > 1 && channel.last?.celsius === lowest)}
            </Words>
          </View>
          <Button
            kind="plain"
            label="It is out"
            name={`The probe is out of: ${PLACE_LABELS[place]}`}
            onPress={() =>
              say({ id: device.id, channel: channel.name, measured: null, since: Math.round(now) })
            }
          />
        </View>
      ))}
      {next &&
        free.map(({ device, channel }) => (
          <Button
            key={`${device.id}${channel.name}`}
            label={`Follow with ${device.name}, channel ${channel.name}: ${PLACE_LABELS[next].toLowerCase()}`}
            onPress={() =>
              say({
                id: device.id,
                channel: channel.name,
                measured: { of: 'food', foodId: food.foodId, place: next },
                since: Math.round(now),
              })
            }
          />
        ))}
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      {kitchen.household.clock.movable && food.cook && <StandInProbe food={food} devices={data.devices} />}
    </View>
  );
}

const isSilent = ({ last }: Channel, now: number): boolean => !last || now - last.at > SILENT_MS;

function stateWords(
  channel: Channel,
  { now, zone }: { readonly now: number; readonly zone: string },
  decides: boolean,
): string {
  if (!channel.last) return 'Nothing came from it yet.';
  if (isSilent(channel, now))
    return `Silent since ${clockWords(channel.last.at, zone)}: it counts for nothing.`;
  if (channel.leapt)
    return 'It leapt as no food can: pulled out, on the bone, or on the pan. It counts for nothing until it is back.';
  return decides
    ? 'The lower one decides.'
    : `At ${clockWords(channel.last.at, zone)}, every few minutes on the record.`;
}

/** What a probe read is on the food's record: the page follows it, and what it waited for is heard. */
function useFollowed(inFood: readonly InFood[], { cook }: FoodState): void {
  const dispatch = useAppDispatch();
  const newest = Math.max(0, ...inFood.map(({ channel }) => channel.last?.at ?? 0));
  useEffect(() => {
    if (newest > 0) dispatch(api.util.invalidateTags(['Food']));
  }, [newest, dispatch]);
  const met = cook?.metAt ?? null;
  const before = useRef(met);
  useEffect(() => {
    if (before.current === null && met !== null && newest > 0) chime();
    before.current = met;
  }, [met, newest]);
}

/** As wide as the longest figure. */
const FIGURE_WIDTH = 96;

const styles = StyleSheet.create({
  group: { gap: space.s },
  probe: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
  figure: { minWidth: FIGURE_WIDTH },
});
