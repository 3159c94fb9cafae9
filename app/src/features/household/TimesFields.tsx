import type { Settings } from '@omtel/core/api';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';

type Times = Settings['times'];

interface TimesFieldsProps {
  readonly times: Times;
  readonly onChange: (times: Times) => void;
}

/** How the household's clocks are read, and with what day its weeks begin. */
export function TimesFields({ times, onChange }: TimesFieldsProps) {
  return (
    <View style={styles.group}>
      <Heading>Clock and week</Heading>
      <Choice
        label="Clock"
        value={String(times.face)}
        onChange={(face) => onChange({ ...times, face: face === '12' ? 12 : 24 })}
        options={[
          { value: '24', label: '19:30' },
          { value: '12', label: '7:30 pm' },
        ]}
      />
      <Choice
        label="Weeks begin on"
        value={times.weekFrom}
        onChange={(weekFrom) => onChange({ ...times, weekFrom })}
        options={[
          { value: '1', label: 'Monday' },
          { value: '7', label: 'Sunday' },
          { value: '6', label: 'Saturday' },
        ]}
      />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
