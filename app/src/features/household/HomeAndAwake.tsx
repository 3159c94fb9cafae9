import type { Settings } from '@omtel/core/api';
import { parseClockTime } from '@omtel/core/time';
import { orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { LikeField } from '../../ui/LikeField';

interface HomeAndAwakeProps {
  readonly availability: Settings['availability'];
  readonly onChange: (availability: Settings['availability']) => void;
}

const WEEKDAYS = ['1', '2', '3', '4', '5'] as const;
const WEEKEND = ['6', '7'] as const;

/** When somebody is home and awake; plans start nothing outside it. */
export function HomeAndAwake({ availability, onChange }: HomeAndAwakeProps) {
  const set =
    (days: readonly ('1' | '2' | '3' | '4' | '5' | '6' | '7')[]) => (stretches: readonly Stretch[]) =>
      onChange({ ...availability, ...Object.fromEntries(days.map((day) => [day, [...stretches]])) });
  return (
    <View style={styles.group}>
      <Heading>Home and awake</Heading>
      <Words tone="soft">Plans start nothing while you are out or asleep.</Words>
      <Stretches label="Monday to Friday" stretches={availability['1'] ?? []} onChange={set(WEEKDAYS)} />
      <Stretches label="Saturday and Sunday" stretches={availability['6'] ?? []} onChange={set(WEEKEND)} />
    </View>
  );
}

interface Stretch {
  readonly from: string;
  readonly to: string;
}

interface CookHoursProps {
  readonly name: string;
  readonly availability: Settings['availability'];
  readonly onChange: (availability: Settings['availability']) => void;
}

/** When one cook is home and awake, on the days of work and on the others. */
export function CookHours({ name, availability, onChange }: CookHoursProps) {
  const set =
    (days: readonly ('1' | '2' | '3' | '4' | '5' | '6' | '7')[]) => (stretches: readonly Stretch[]) =>
      onChange({ ...availability, ...Object.fromEntries(days.map((day) => [day, [...stretches]])) });
  return (
    <>
      <Stretches
        label={`${name}, Monday to Friday`}
        stretches={availability['1'] ?? []}
        onChange={set(WEEKDAYS)}
      />
      <Stretches label={`${name}, at weekends`} stretches={availability['6'] ?? []} onChange={set(WEEKEND)} />
    </>
  );
}

interface StretchesProps {
  readonly label: string;
  readonly stretches: readonly Stretch[];
  readonly onChange: (stretches: readonly Stretch[]) => void;
}

/** Times as "06:30-08:00, 17:00-23:30". */
function Stretches({ label, stretches, onChange }: StretchesProps) {
  const asText = stretches.map(({ from, to }) => `${from}–${to}`).join(', ');
  const [text, setText] = useState(asText);
  const read = readStretches(text);
  return (
    <View style={styles.row}>
      <Field
        label={label}
        value={text}
        onChange={setText}
        problem={read ? undefined : 'Such as 06:30–08:00, 17:00–23:30'}
      />
      {read && text !== asText && (
        <LikeField>
          <Button label="Keep" name={`Keep ${label}`} onPress={() => onChange(read)} />
        </LikeField>
      )}
    </View>
  );
}

const MOST_STRETCHES = 4;

function readStretches(text: string): Stretch[] | null {
  const parts = text.split(',').map((part) => part.trim().split(/\s*[–-]\s*/));
  if (parts.length > MOST_STRETCHES) return null;
  const read = orProblem(() =>
    parts.map(([from, to]) => ({ from: asClock(from ?? ''), to: asClock(to ?? '') })),
  );
  return 'problem' in read ? null : read;
}

function asClock(text: string): string {
  const { hour, minute } = parseClockTime(text);
  return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
