import { StyleSheet, View } from 'react-native';
import { Switch } from 'react-native-paper';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

interface HasFieldProps {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

/** Something the kitchen has, or has not. */
export function HasField({ label, value, onChange }: HasFieldProps) {
  return (
    <View style={styles.row}>
      <Words face="strong" style={styles.grow}>
        {label}
      </Words>
      <Switch value={value} onValueChange={onChange} accessibilityLabel={label} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', minHeight: REACH, gap: space.m },
  grow: { flex: 1 },
});
