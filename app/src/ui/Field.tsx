import { convertTyped, type TypedUnit } from '@omtel/core/units';
import { useEffect, useId, useRef, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { corner, REACH, space } from './tokens';
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
  /** The unit of what is typed: when another is chosen, what stands there is converted. */
  readonly unit?: TypedUnit;
  /** Short words after the value; its unit, unless the label names it. */
  readonly suffix?: string;
  readonly numeric?: boolean;
  /** No more than this can be typed. */
  readonly most?: number;
  readonly autoFocus?: boolean;
  /** What a browser may fill in, or offer to keep; a passphrase is hidden until it is asked to be seen. */
  readonly completes?: 'organization' | 'username' | 'current-password' | 'new-password';
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
  unit,
  suffix = unit && !label.endsWith(unit) ? unit : undefined,
  numeric,
  most,
  autoFocus,
  completes,
  onSubmit,
}: FieldProps) {
  const { colors, sizes } = useLook();
  const note = useId();
  // Keypads of phones have no minus sign, and a freezer needs one.
  const signed = unit === '°C' || unit === '°F';
  const secret = completes === 'current-password' || completes === 'new-password';
  const [seen, setSeen] = useState(false);
  const input = useRef<{ focus: () => void }>(null);
  const unitBefore = useRef(unit);
  useEffect(() => {
    const before = unitBefore.current;
    unitBefore.current = unit;
    if (unit && before && unit !== before) onChange(convertTyped(value, before, unit));
  }, [unit, value, onChange]);
  return (
    <View style={styles.field}>
      <Words face="strong">{label}</Words>
      <View>
        <TextInput
          ref={(shown: { focus: () => void } | null) => void (input.current = shown)}
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
          maxLength={most}
          autoComplete={completes ?? 'off'}
          secureTextEntry={secret && !seen}
          {...(secret && AS_TYPED)}
          outlineStyle={{ borderRadius: corner.m, borderColor: problem ? colors.hot : colors.outline }}
          contentStyle={{ paddingRight: (suffix ? SUFFIX : space.l) + (signed || secret ? REACH : 0) }}
          style={[styles.input, { backgroundColor: colors.enamel, fontSize: sizes.lead }]}
        />
        <View style={styles.after}>
          {signed && (
            <Pressable
              role="button"
              aria-label="Above or below zero"
              style={styles.sign}
              onPress={() => onChange(withOtherSign(value))}
            >
              <Words size="lead" tone="soft">
                ±
              </Words>
            </Pressable>
          )}
          {secret && (
            <Pressable
              role="button"
              aria-label={seen ? `Hide ${label}` : `Show ${label}`}
              style={[styles.sign, styles.seen]}
              onPress={() => setSeen(!seen)}
            >
              <Words tone="rim">{seen ? 'Hide' : 'Show'}</Words>
            </Pressable>
          )}
          {suffix ? (
            <Words tone="soft" style={styles.suffix} onPress={() => input.current?.focus()}>
              {suffix}
            </Words>
          ) : null}
        </View>
      </View>
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

/** No keyboard makes a passphrase any better. */
const AS_TYPED = { autoCapitalize: 'none', autoCorrect: false, spellCheck: false } as const;

const SUFFIX = 64;

/** What was typed, on the other side of zero. */
const withOtherSign = (text: string): string =>
  /^\s*[-−–]/.test(text) ? text.replace(/^\s*[-−–]\s*/, '') : `-${text.trimStart()}`;

const styles = StyleSheet.create({
  // Side by side fields share the width; below each other none is lower than its words.
  field: { gap: space.xs, flexGrow: 1, flexBasis: 96, flexShrink: 1, minHeight: 'auto' },
  input: { minHeight: REACH },
  after: {
    position: 'absolute',
    right: 0,
    top: 0,
    bottom: 0,
    flexDirection: 'row',
    alignItems: 'center',
    pointerEvents: 'box-none',
  },
  seen: { paddingRight: space.m },
  sign: { minWidth: REACH, minHeight: REACH, alignItems: 'center', justifyContent: 'center' },
  suffix: { paddingRight: space.l },
});
