import { StyleSheet, View } from 'react-native';
import { useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { useGoTo } from '../../ui/goTo';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

/** Who is signed in here, and the way to their devices, passphrase and codes; the demo is nobody's. */
export function WhoIsInLink() {
  const { me } = useHousehold();
  const goTo = useGoTo();
  if (!me) return null;
  return (
    <View style={styles.group}>
      <Heading>Who is in</Heading>
      <Words>{`${me.name} is signed in on this device, as a ${me.role}.`}</Words>
      <View style={styles.start}>
        <Button label="People, devices and passphrase" onPress={() => goTo('/welcome?way=in')} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.s }, start: { alignItems: 'flex-start' } });
