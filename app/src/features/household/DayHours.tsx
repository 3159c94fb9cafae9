import type { Settings } from '@omtel/core/api';
import { weekdayName, weekdaysFrom } from '@omtel/core/time';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { StretchesField, type Stretch } from '../../ui/StretchesField';

type Availability = Settings['availability'];
type Day = keyof Availability;

interface DayHoursProps {
  /** Before the name of each day: whose hours they are. */
  readonly of?: string;
  readonly availability: Availability;
  readonly onChange: (availability: Availability) => void;
}

const WORK: readonly Day[] = ['1', '2', '3', '4', '5'];
const REST: readonly Day[] = ['6', '7'];

/** The hours of a week in which somebody is there: of days of work and of the others, or of each day by itself. */
export function DayHours({ of, availability, onChange }: DayHoursProps) {
  const { weekFrom } = useHousehold().settings.times;
  const alike = [WORK, REST].every((days) => days.every((day) => isSame(availability, day, days[0]!)));
  const [each, setEach] = useState(!alike);
  const groups: readonly (readonly [string, readonly Day[]])[] = each
    ? weekdaysFrom(weekFrom).map((day) => [weekdayName(day), [day]])
    : [
        ['Monday to Friday', WORK],
        ['Saturday and Sunday', REST],
      ];
  return (
    <>
      {groups.map(([name, days]) => (
        <StretchesField
          key={name}
          label={of ? `${of}, ${name}` : name}
          stretches={availability[days[0]!] ?? []}
          example={EXAMPLE}
          most={MOST_STRETCHES}
          onChange={(stretches) =>
            onChange({ ...availability, ...Object.fromEntries(days.map((day) => [day, [...stretches]])) })
          }
        />
      ))}
      {(alike || !each) && (
        <View style={styles.start}>
          <Button
            kind="plain"
            label={each ? 'Days of work together' : 'Each day by itself'}
            name={of ? `${of}: ${each ? 'days of work together' : 'each day by itself'}` : undefined}
            onPress={() => setEach(!each)}
          />
        </View>
      )}
    </>
  );
}

const isSame = (availability: Availability, one: Day, other: Day): boolean =>
  JSON.stringify(availability[one] ?? []) === JSON.stringify(availability[other] ?? []);

const EXAMPLE: readonly Stretch[] = [
  { from: '06:30', to: '08:00' },
  { from: '17:00', to: '23:30' },
];
const MOST_STRETCHES = 4;

const styles = StyleSheet.create({ start: { alignItems: 'flex-start' } });
