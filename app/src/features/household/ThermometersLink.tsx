import { standingWords } from '@omtel/core/thermometers';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { useGoTo } from '../../ui/goTo';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { useThermometers } from '../thermometers';

/** The household's thermometers in a line each, and the way to their page. */
export function ThermometersLink() {
  const { now, zone, units } = useKitchen();
  const { all } = useThermometers();
  const goTo = useGoTo();
  return (
    <View style={styles.group}>
      <Heading>Thermometers</Heading>
      {all.length === 0 && <Words tone="soft">None is known by name: readings are taken as they are.</Words>}
      {all.map(({ id, name, standing }) => (
        <Words key={id} tone={standing.is === 'inOrder' ? 'ink' : 'hot'}>
          {`${name}: ${standingWords(standing, { now, zone, units })}`}
        </Words>
      ))}
      <View style={styles.start}>
        <Button label="Thermometers and checks" onPress={() => goTo('/thermometers')} />
        <Button label="Devices that send readings" onPress={() => goTo('/devices')} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  start: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
