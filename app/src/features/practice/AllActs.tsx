import { sources } from '@omtel/core/guidance';
import { practice } from '@omtel/core/practice';
import { StyleSheet, View } from 'react-native';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

/** How each part of the work is done, and why. */
export function AllActs() {
  return practice.map(({ id, title, source, acts }) => (
    <View key={id} style={styles.topic}>
      <Rows title={title}>
        {acts.map(({ says, why }) => (
          <View key={says}>
            <Words>{says}</Words>
            <Words size="small" tone="soft">
              {why}
            </Words>
          </View>
        ))}
      </Rows>
      <Words size="small" tone="soft">
        {sources[source].title}
      </Words>
    </View>
  ));
}

const styles = StyleSheet.create({ topic: { gap: space.xs } });
