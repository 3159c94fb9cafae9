import type { Settings } from '@omtel/core/api';
import { clockText, clockTimeWords, parseClockTime, weekdayName, weekdaysFrom } from '@omtel/core/time';
import { orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useHousehold } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { LikeField } from '../../ui/LikeField';
import { space } from '../../ui/tokens';

type Availability = Settings['availability'];
type Day = keyof Availability;
type Stretch = NonNullable<Availability[Day]>[number];

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
        <Stretches
          key={name}
          label={of ? `${of}, ${name}` : name}
          stretches={availability[days[0]!] ?? []}
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

interface StretchesProps {
  readonly label: string;
  readonly stretches: readonly Stretch[];
  readonly onChange: (stretches: readonly Stretch[]) => void;
}

/** Times as "06:30–08:00, 17:00–23:30"; empty: never there. */
function Stretches({ label, stretches, onChange }: StretchesProps) {
  const asText = inWords(stretches);
  const [text, setText] = useState(asText);
  const read = readStretches(text);
  return (
    <View style={styles.row}>
      <Field
        label={label}
        value={text}
        onChange={setText}
        problem={read ? undefined : `Such as ${inWords(EXAMPLE)}; empty for not at all`}
      />
      {read && text !== asText && (
        <LikeField>
          <Button label="Keep" name={`Keep ${label}`} onPress={() => onChange(read)} />
        </LikeField>
      )}
    </View>
  );
}

const EXAMPLE: readonly Stretch[] = [
  { from: '06:30', to: '08:00' },
  { from: '17:00', to: '23:30' },
];

const words = (clock: string): string => clockTimeWords(parseClockTime(clock));
const inWords = (stretches: readonly Stretch[]): string =>
  stretches.map(({ from, to }) => `${words(from)}–${words(to)}`).join(', ');

const MOST_STRETCHES = 4;

function readStretches(text: string): Stretch[] | null {
  if (text.trim() === '') return [];
  const parts = text.split(',').map((part) => part.trim().split(/\s*[–-]\s*/));
  if (parts.length > MOST_STRETCHES) return null;
  const read = orProblem(() =>
    parts.map(([from, to]) => ({ from: clockText(from ?? ''), to: clockText(to ?? '') })),
  );
  return 'problem' in read ? null : read;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
  start: { alignItems: 'flex-start' },
});
