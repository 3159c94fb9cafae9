import { useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { REACH, space } from './tokens';
import { useLook } from './theme';
import { Words } from './Words';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onBlur?: () => void;
  /** A sentence at the field; shown instead of the hint. */
  readonly problem?: string;
  readonly hint?: string;
  /** Unit or other short words after the value. */
  readonly suffix?: string;
  readonly numeric?: boolean;
  readonly autoFocus?: boolean;
  readonly onSubmit?: () => void;
}

/** One line of text to fill in, with its label above and its problem right below. */
export function Field({
  label,
  value,
  onChange,
  onBlur,
  problem,
  hint,
  suffix,
  numeric,
  autoFocus,
  onSubmit,
}: FieldProps) {
  const { colors, sizes } = useLook();
  const note = useId();
  return (
    <View style={styles.field}>
      <Words face="strong">{label}</Words>
      <TextInput
        mode="outlined"
        value={value}
        onChangeText={onChange}
        onBlur={onBlur}
        error={Boolean(problem)}
        autoFocus={autoFocus}
        inputMode={numeric ? 'decimal' : 'text'}
        onSubmitEditing={onSubmit}
        accessibilityLabel={label}
        aria-describedby={note}
        autoComplete="off"
        right={
          suffix ? (
            <TextInput.Affix text={suffix} textStyle={{ fontSize: sizes.body, color: colors.soft }} />
          ) : undefined
        }
        outlineStyle={{ borderRadius: 10, borderColor: problem ? colors.hot : colors.line }}
        style={[styles.input, { backgroundColor: colors.enamel, fontSize: sizes.lead }]}
      />
      {(problem || hint) && (
        <Words
          nativeID={note}
          size="small"
          tone={problem ? 'hot' : 'soft'}
          role={problem ? 'alert' : undefined}
        >
          {problem ?? hint}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.xs, flexGrow: 1, flexBasis: 96, flexShrink: 1 },
  input: { minHeight: REACH },
});
