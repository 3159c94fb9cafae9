import { shortMonth } from '@omtel/core/time';
import { Pressable, StyleSheet, View } from 'react-native';
import { corner, REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';

interface WarmMonthsProps {
  readonly months: readonly number[];
  readonly onChange: (months: number[]) => void;
}

const YEAR = Array.from({ length: 12 }, (_, i) => i + 1);

/** The months in which air nobody measured, outdoors or in a car, is taken for warm. */
export function WarmMonths({ months, onChange }: WarmMonthsProps) {
  const { colors } = useLook();
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
      <View role="group" aria-label="Warm months" style={styles.row}>
        {YEAR.map((month) => {
          const warm = months.includes(month);
          return (
            <Pressable
              key={month}
              role="checkbox"
              aria-checked={warm}
              onPress={() => onChange(toggled(month))}
              style={[
                styles.month,
                {
                  borderColor: warm ? colors.rim : colors.outline,
                  backgroundColor: warm ? colors.rim : colors.enamel,
                },
              ]}
            >
              <Words face={warm ? 'strong' : 'text'} tone={warm ? 'onRim' : 'ink'}>
                {shortMonth(month)}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  month: {
    minWidth: 56,
    minHeight: REACH,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1.5,
    borderRadius: corner.m,
  },
});
