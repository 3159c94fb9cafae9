import Minus from 'lucide-react-native/icons/minus';
import Plus from 'lucide-react-native/icons/plus';
import { Pressable, StyleSheet, View } from 'react-native';
import { REACH, space } from './tokens';
import { useLook } from './theme';
import { Words } from './Words';

interface StepperProps {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number) => void;
}

/** A small whole number, one more or one less at a tap. */
export function Stepper({ label, value, min, max, onChange }: StepperProps) {
  const { colors } = useLook();
  const step = (by: number, Glyph: typeof Plus, name: string) => (
    <Pressable
      role="button"
      aria-label={`${label}: ${name}`}
      disabled={value + by < min || value + by > max}
      onPress={() => onChange(value + by)}
      style={[styles.knob, { borderColor: colors.outline, backgroundColor: colors.enamel }]}
    >
      <Glyph size={22} color={colors.ink} />
    </Pressable>
  );
  return (
    <View style={styles.row}>
      <Words face="strong" style={styles.label}>
        {label}
      </Words>
      {step(-1, Minus, 'one less')}
      <Words size="title" face="display" tabular style={styles.value} aria-live="polite">
        {value}
      </Words>
      {step(1, Plus, 'one more')}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  label: { flex: 1 },
  value: { minWidth: 32, textAlign: 'center' },
  knob: {
    width: REACH,
    height: REACH,
    borderRadius: REACH / 2,
    borderWidth: 1.5,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
