import { MOST_OFF_K, type Settings } from '@omtel/core/api';
import { orProblem, parseNumber, type Problem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Switch } from 'react-native-paper';
import { Field } from '../../ui/Field';
import { REACH, space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

interface ThermometerFieldsProps {
  readonly thermometer: Settings['thermometer'];
  readonly onChange: (thermometer: Settings['thermometer']) => void;
}

/** What the ice-point check said of the household's thermometer; readings are corrected by it, or held in doubt. */
export function ThermometerFields({ thermometer, onChange }: ThermometerFieldsProps) {
  const [text, setText] = useState(String(thermometer.readsHighK));
  const off = readOffset(text);
  return (
    <View style={styles.group}>
      <Heading>Thermometer</Heading>
      <Field
        label="In ice water it reads"
        value={text}
        onChange={setText}
        onBlur={() => 'value' in off && onChange({ ...thermometer, readsHighK: off.value })}
        numeric
        suffix="°C"
        problem={'problem' in off ? off.problem : undefined}
        hint="Crushed ice and water, half a minute. It should read 0; what it is off by is taken from every reading."
      />
      <View style={styles.switch}>
        <View style={styles.grow}>
          <Words face="strong">In doubt</Words>
          <Words size="small" tone="soft">
            It was dropped since its last check: until it is checked, its readings prove nothing.
          </Words>
        </View>
        <Switch
          value={thermometer.inDoubt}
          onValueChange={(inDoubt) => onChange({ ...thermometer, inDoubt })}
          accessibilityLabel="Thermometer in doubt"
        />
      </View>
    </View>
  );
}

function readOffset(text: string): { value: number } | Problem {
  return orProblem(() => {
    const value = parseNumber(text);
    return Math.abs(value) <= MOST_OFF_K
      ? { value }
      : { problem: 'So far off it cannot be corrected. Change the battery or the thermometer.' };
  });
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  switch: { flexDirection: 'row', alignItems: 'center', minHeight: REACH, gap: space.m },
  grow: { flex: 1 },
});
