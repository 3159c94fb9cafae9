import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { Words } from './Words';

interface AsLeftProps {
  readonly shown: boolean;
  readonly onAfresh: () => void;
}

/** Says that a form stands as it was left before, and offers an empty one. */
export function AsLeft({ shown, onAfresh }: AsLeftProps) {
  if (!shown) return null;
  return (
    <View style={styles.line}>
      <Words tone="soft">As you left it.</Words>
      <Button kind="plain" label="Start afresh" onPress={onAfresh} />
    </View>
  );
}

const styles = StyleSheet.create({ line: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap' } });
