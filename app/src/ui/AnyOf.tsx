import { Pressable, StyleSheet, View } from 'react-native';
import { corner, REACH, space } from './tokens';
import { useLook } from './theme';
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
  const { colors } = useLook();
  return (
    <View style={styles.group}>
      {!quiet && <Words face="strong">{label}</Words>}
      <View role="group" aria-label={label} style={styles.row}>
        {options.map(({ value, label: said }) => {
          const on = chosen.includes(value);
          return (
            <Pressable
              key={value}
              role="checkbox"
              aria-checked={on}
              onPress={() => onToggle(value)}
              style={[
                styles.option,
                {
                  borderColor: on ? colors.rim : colors.outline,
                  backgroundColor: on ? colors.rim : colors.enamel,
                },
              ]}
            >
              <Words face={on ? 'strong' : 'text'} tone={on ? 'onRim' : 'ink'}>
                {said}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  option: {
    minWidth: 56,
    minHeight: REACH,
    paddingHorizontal: space.m,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1.5,
    borderRadius: corner.m,
  },
});
