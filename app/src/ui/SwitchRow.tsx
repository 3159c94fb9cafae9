import { Pressable, StyleSheet, View } from 'react-native';
import { Switch } from 'react-native-paper';
import { REACH, space } from './tokens';
import { Words } from './Words';

interface SwitchRowProps {
  readonly label: string;
  /** What it is called where the line alone does not say whose it is. */
  readonly name?: string;
  readonly detail?: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

/** Something that is on or off, by a line that says what; a finger switches it anywhere along the line. */
export function SwitchRow({ label, name = label, detail, value, onChange }: SwitchRowProps) {
  return (
    <Pressable style={styles.row} tabIndex={-1} onPress={() => onChange(!value)}>
      <View style={styles.grow}>
        <Words face="strong">{label}</Words>
        {detail && (
          <Words size="small" tone="soft">
            {detail}
          </Words>
        )}
      </View>
      <View style={styles.switch}>
        <Switch value={value} onValueChange={onChange} accessibilityLabel={name} />
      </View>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', minHeight: REACH, gap: space.m },
  grow: { flex: 1 },
  // Keys and readers act on the switch; a finger on the line it stands in.
  switch: { pointerEvents: 'none' },
});
