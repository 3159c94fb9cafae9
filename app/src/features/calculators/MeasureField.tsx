import type { MeasureUnit } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';

interface MeasureFieldProps {
  readonly label: string;
  readonly value: string;
  readonly unit: MeasureUnit;
  readonly units: readonly MeasureUnit[];
  readonly problem?: string;
  readonly onChange: (value: string) => void;
  readonly onUnit: (unit: MeasureUnit) => void;
}

/** How much of something, by whatever it is measured out in. The number stays when the measure changes: three spoons are no longer three cups. */
export function MeasureField({ label, value, unit, units, problem, onChange, onUnit }: MeasureFieldProps) {
  return (
    <View style={styles.group}>
      <View style={styles.row}>
        <Field label={label} value={value} onChange={onChange} numeric suffix={unit} problem={problem} />
      </View>
      <Choice
        quiet
        label={`${label}: measure`}
        value={unit}
        onChange={onUnit}
        options={units.map((each) => ({ value: each, label: each }))}
      />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.s }, row: { flexDirection: 'row' } });
