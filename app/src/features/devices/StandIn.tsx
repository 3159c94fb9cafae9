import { DAY_MS, HOUR_MS } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { api } from '../../store/api';
import { useSayWhatChannelMeasuresMutation } from '../../store/devicesApi';
import { useAppDispatch } from '../../store/store';
import { nowOf, useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const STORIES = {
  refrigerator: { label: 'Refrigerator, left ajar', days: 7 },
  freezer: { label: 'Freezer that tires', days: 7 },
} as const;
/** The door stood ajar so long before now, and for so long. */
const [AJAR_BEFORE_MS, AJAR_MS] = [5 * HOUR_MS, 1.2 * HOUR_MS];
const SEED = 12;

/** In the demo, where nobody has a device: a stand-in sends with its key what one would have sent. */
export function StandIn({ id, deviceKey }: { readonly id: string; readonly deviceKey: string }) {
  const household = useHousehold();
  const dispatch = useAppDispatch();
  const [sayMeasures] = useSayWhatChannelMeasuresMutation();
  const [said, setSaid] = useState<string>();
  const send = async (store: keyof typeof STORIES) => {
    setSaid('Sending …');
    try {
      const { coldStore, sendReadings } = await import('@omtel/devices');
      const to = Math.round(nowOf(household));
      const from = to - STORIES[store].days * DAY_MS;
      const ajarFrom = to - from - AJAR_BEFORE_MS;
      const story =
        store === 'refrigerator' ? { ajar: [ajarFrom, ajarFrom + AJAR_MS] as const } : { failing: 0.02 };
      const { taken } = await sendReadings(coldStore({ store, seed: SEED, from, to, ...story }), {
        address: '',
        key: deviceKey,
        onProgress: (count) => setSaid(`${count} readings sent …`),
      });
      await sayMeasures({ id, channel: '1', measured: { of: store }, since: 0 }).unwrap();
      dispatch(api.util.invalidateTags(['Stores', 'Food']));
      setSaid(`${taken} readings were taken in. It measures the ${store}.`);
    } catch (error) {
      setSaid(error instanceof Error ? error.message : 'That did not work. Try again.');
    }
  };
  return (
    <View style={styles.group}>
      <Words tone="soft">Nobody has a device in the demo. A stand-in can send a week in its place:</Words>
      <View style={styles.row}>
        {(['refrigerator', 'freezer'] as const).map((store) => (
          <Button key={store} label={STORIES[store].label} onPress={() => send(store)} />
        ))}
      </View>
      {said && (
        <View role="status">
          <Words>{said}</Words>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
