import { StyleSheet, View } from 'react-native';
import {
  useSignDeviceOutMutation,
  useSignedInDevicesQuery,
  useSignOthersOutMutation,
} from '../../store/doorApi';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Words } from '../../ui/Words';
import { whenWords } from './members/words';
import { Refused } from './Refused';

/** The devices somebody is signed in on; one that was lost is signed out from here. */
export function SignedInDevices() {
  const { now, zone } = useKitchen();
  const query = useSignedInDevicesQuery(undefined, { refetchOnMountOrArgChange: true });
  const { data } = query;
  const [signOut, { error: notOut }] = useSignDeviceOutMutation();
  const [signOthersOut, { isLoading, error: notAllOut }] = useSignOthersOutMutation();
  const problem = notOut ?? notAllOut;
  if (!data) return <Until what="who is in" query={query} />;
  return (
    <View style={styles.group}>
      <Rows title="Signed in">
        {data.devices.map(({ id, person, device, seenAt, here }) => (
          <View key={id} style={styles.line}>
            <View style={styles.grow}>
              <Words face="strong">{`${person.name}: ${device}`}</Words>
              <Words size="small" tone="soft">
                {here ? 'This device' : `Seen ${whenWords(seenAt, now, zone)}`}
              </Words>
            </View>
            {!here && (
              <Button
                kind="plain"
                label="Sign out"
                name={`Sign out ${person.name}: ${device}`}
                onPress={() => signOut(id)}
              />
            )}
          </View>
        ))}
      </Rows>
      <Refused error={problem} />
      {data.devices.length > 1 && (
        <Button label="Sign all others out" busy={isLoading} onPress={() => signOthersOut()} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
});
