import { Pressable, StyleSheet, View } from 'react-native';
import { corner, REACH, space } from './tokens';
import { useLook } from './theme';
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
  const { colors } = useLook();
  return (
    <View style={styles.group}>
      {!quiet && <Words face="strong">{label}</Words>}
      <View role="radiogroup" aria-label={label} style={styles.row}>
        {options.map((option) => {
          const chosen = option.value === value;
          return (
            <Pressable
              key={option.value}
              role="radio"
              aria-checked={chosen}
              onPress={() => onChange(option.value)}
              style={[
                styles.option,
                {
                  borderColor: chosen ? colors.rim : colors.outline,
                  backgroundColor: chosen ? colors.rim : colors.enamel,
                },
              ]}
            >
              <Words face={chosen ? 'strong' : 'text'} tone={chosen ? 'onRim' : 'ink'}>
                {option.label}
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
    minHeight: REACH,
    justifyContent: 'center',
    paddingHorizontal: space.m,
    minWidth: REACH,
    alignItems: 'center',
    borderRadius: corner.m,
    borderWidth: 1.5,
  },
});
