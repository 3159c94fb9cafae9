import type { DeviceKey } from '@omtel/core/api';
import { StyleSheet, View } from 'react-native';
import { useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Panel } from '../../ui/Panel';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { StandIn } from './StandIn';

/** The key of a device, which nobody can show again, and how it sends with it. */
export default function KeyOnce({
  device: { id, key },
  onDone,
}: {
  readonly device: DeviceKey;
  readonly onDone: () => void;
}) {
  const { clock } = useHousehold();
  return (
    <Panel>
      <View style={styles.group}>
        <Heading small>Its key, shown this once</Heading>
        <Words selectable face="strong" style={styles.key}>
          {key}
        </Words>
        <Words tone="soft">
          {`It sends lines such as {"celsius":3.4} to ${window.location.origin}/api/devices/readings, with “Authorization: Bearer” and the key.`}
        </Words>
        {clock.movable && <StandIn id={id} deviceKey={key} />}
        <View style={styles.start}>
          <Button label="I have noted it" onPress={onDone} />
        </View>
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  start: { alignItems: 'flex-start' },
  // A key has no word it could be broken at.
  key: { wordBreak: 'break-all' } as object,
});
