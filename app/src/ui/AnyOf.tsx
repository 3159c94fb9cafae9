import { StyleSheet, View } from 'react-native';
import { Chip } from './Chip';
import { space } from './tokens';
import { Words } from './Words';

interface AnyOfProps<Value extends string | number> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly chosen: readonly Value[];
  /** One is chosen that was not, or the other way about. */
  readonly onToggle: (value: Value) => void;
  /** Leaves the label to screen readers alone. */
  readonly quiet?: boolean;
}

/** Any of a few, all in sight. */
export function AnyOf<Value extends string | number>({
  label,
  options,
  chosen,
  onToggle,
  quiet,
}: AnyOfProps<Value>) {
  return (
    <View style={styles.group}>
      {!quiet && <Words face="strong">{label}</Words>}
      <View role="group" aria-label={label} style={styles.row}>
        {options.map((option) => (
          <Chip
            key={option.value}
            role="checkbox"
            label={option.label}
            chosen={chosen.includes(option.value)}
            onPress={() => onToggle(option.value)}
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
