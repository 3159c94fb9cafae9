import { shortMonth } from '@omtel/core/time';
import { StyleSheet, View } from 'react-native';
import { AnyOf } from '../../ui/AnyOf';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

interface WarmMonthsProps {
  readonly months: readonly number[];
  readonly onChange: (months: number[]) => void;
}

const YEAR = Array.from({ length: 12 }, (_, i) => i + 1).map((value) => ({
  value,
  label: shortMonth(value),
}));

/** The months in which air nobody measured, outdoors or in a car, is taken for warm. */
export function WarmMonths({ months, onChange }: WarmMonthsProps) {
  const toggled = (month: number) =>
    months.includes(month)
      ? months.filter((each) => each !== month)
      : [...months, month].sort((a, b) => a - b);
  return (
    <View style={styles.group}>
      <Heading>Warm months</Heading>
      <Words size="small" tone="soft">
        In these, a minute in a car or outdoors counts double unless the air there is measured.
      </Words>
      <AnyOf
        label="Warm months"
        quiet
        options={YEAR}
        chosen={months}
        onToggle={(month) => onChange(toggled(month))}
      />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.s } });
