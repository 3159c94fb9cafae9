import type { Settings } from '@omtel/core/api';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';

interface UnitsFieldsProps {
  readonly units: Settings['units'];
  readonly onChange: (units: Settings['units']) => void;
}

/** What the household measures in. */
export function UnitsFields({ units, onChange }: UnitsFieldsProps) {
  return (
    <View style={styles.group}>
      <Heading>Units</Heading>
      <Choice
        label="Temperature"
        value={units.temperature}
        onChange={(temperature) => onChange({ ...units, temperature })}
        options={[
          { value: 'C', label: '°C' },
          { value: 'F', label: '°F' },
        ]}
      />
      <Choice
        label="Weight and length"
        value={units.mass}
        onChange={(mass) => onChange({ ...units, mass })}
        options={[
          { value: 'metric', label: 'kg, cm' },
          { value: 'imperial', label: 'lb, in' },
        ]}
      />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
