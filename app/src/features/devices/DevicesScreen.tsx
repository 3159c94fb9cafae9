import type { Device } from '@omtel/core/api';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { useDevicesQuery } from '../../store/devicesApi';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/PageLink';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { REACH, space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Words } from '../../ui/Words';
import { isLow, lastWords, MEASURED_WORDS } from './channelWords';
import { NewDevice } from './NewDevice';

/** What sends readings to this household: probes, sensors, loggers. */
export function DevicesScreen() {
  const query = useDevicesQuery(undefined, { pollingInterval: EVERY_MS });
  const { data } = query;
  const [adding, setAdding] = useState(false);
  return (
    <Screen
      title="Devices"
      subtitle="Probes, sensors and loggers that send what they read"
      backTo="/household"
      foot={
        data && !adding && <Button kind="main" grow label="Add a device" onPress={() => setAdding(true)} />
      }
    >
      <Until what="the devices" query={query} />
      {adding && <NewDevice onDone={() => setAdding(false)} />}
      {data && !adding && data.devices.length === 0 && (
        <Empty title="None yet">
          Whatever can send a line of text over the network can be one. It gets a key of its own, and says how
          warm it is as often as it likes.
        </Empty>
      )}
      <Rows>
        {data?.devices.map((device) => (
          <OneDevice key={device.id} device={device} />
        ))}
      </Rows>
    </Screen>
  );
}

/** A page that lies open follows what is sent. */
const EVERY_MS = 10_000;

function OneDevice({ device: { id, name, hasKey, channels } }: { readonly device: Device }) {
  const kitchen = useKitchen();
  return (
    <PageLink href={`/devices/${id}`} style={styles.line} aria-label={name}>
      <Words size="lead">{name}</Words>
      {!hasKey && <Words tone="soft">Sends no more: its key was taken back</Words>}
      {channels.length === 0 && <Words tone="soft">Nothing came from it yet</Words>}
      {channels.map((channel) => (
        <Words key={channel.name} tone={isLow(channel) ? 'hot' : 'soft'} tabular>
          {[
            channel.measured ? MEASURED_WORDS[channel.measured.of] : `channel ${channel.name}`,
            channel.last && lastWords(channel.last, kitchen),
            isLow(channel) && 'battery low',
          ]
            .filter(Boolean)
            .join(': ')}
        </Words>
      ))}
    </PageLink>
  );
}

const styles = StyleSheet.create({ line: { minHeight: REACH, gap: space.xs } });
