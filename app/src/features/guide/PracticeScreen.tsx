import { sources } from '@omtel/core/guidance';
import { practice } from '@omtel/core/practice';
import { StyleSheet, View } from 'react-native';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

/** How each part of the work is done: what no figure rules on. */
export function PracticeScreen() {
  return (
    <Screen title="How it is done" subtitle="From the shop to the plate" backTo="/guide" rules>
      {practice.map(({ id, title, source, acts }) => (
        <View key={id} style={styles.topic}>
          <Rows title={title}>
            {acts.map((says) => (
              <Words key={says}>{says}</Words>
            ))}
          </Rows>
          <Words size="small" tone="soft">
            {sources[source].title}
          </Words>
        </View>
      ))}
    </Screen>
  );
}

const styles = StyleSheet.create({ topic: { gap: space.xs } });
