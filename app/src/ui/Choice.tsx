import { StyleSheet, View } from 'react-native';
import { Chip } from './Chip';
import { space } from './tokens';
import { Words } from './Words';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value | null;
  readonly onChange: (value: Value) => void;
  /** Leaves the label to screen readers alone. */
  readonly quiet?: boolean;
}

/** One of a few, all in sight. */
export function Choice<Value extends string>({ label, options, value, onChange, quiet }: ChoiceProps<Value>) {
  return (
    <View style={styles.group}>
      {!quiet && <Words face="strong">{label}</Words>}
      <View role="radiogroup" aria-label={label} style={styles.row}>
        {options.map((option) => (
          <Chip
            key={option.value}
            role="radio"
            label={option.label}
            chosen={option.value === value}
            onPress={() => onChange(option.value)}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
