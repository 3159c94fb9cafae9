import { StyleSheet, View } from 'react-native';
import { Switch } from 'react-native-paper';
import { REACH } from './tokens';
import { Words } from './Words';

interface SwitchRowProps {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

/** Something that is on or off, by a line that says what. */
export function SwitchRow({ label, value, onChange }: SwitchRowProps) {
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
  row: { flexDirection: 'row', alignItems: 'center', minHeight: REACH },
  grow: { flex: 1 },
});
