import type { Settings } from '@omtel/core/api';
import { clockText, clockTimeWords, parseClockTime } from '@omtel/core/time';
import { orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { LikeField } from '../../ui/LikeField';
import { SwitchRow } from '../../ui/SwitchRow';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { ThisDeviceFields } from './ThisDeviceFields';

type Reminders = Settings['reminders'];

interface RemindersFieldsProps {
  readonly reminders: Reminders;
  readonly onChange: (reminders: Reminders) => void;
}

/** How the household is told of what falls due, and when only silently. */
export function RemindersFields({ reminders, onChange }: RemindersFieldsProps) {
  return (
    <View style={styles.group}>
      <Heading>Reminders</Heading>
      <SwitchRow
        label="Heard"
        value={reminders.heard}
        onChange={(heard) => onChange({ ...reminders, heard })}
      />
      <SwitchRow
        label="Felt, on a device that vibrates"
        value={reminders.felt}
        onChange={(felt) => onChange({ ...reminders, felt })}
      />
      <Quiet quiet={reminders.quiet} onChange={(quiet) => onChange({ ...reminders, quiet })} />
      <ThisDeviceFields />
    </View>
  );
}

type QuietHours = Reminders['quiet'];

interface QuietProps {
  readonly quiet: QuietHours;
  readonly onChange: (quiet: QuietHours) => void;
}

/** Quiet hours as "22:30–06:30"; empty: none. */
function Quiet({ quiet, onChange }: QuietProps) {
  const asText = quiet ? `${words(quiet.from)}–${words(quiet.to)}` : '';
  const [text, setText] = useState(asText);
  const read = readQuiet(text);
  const example = `${words('22:30')}–${words('06:30')}`;
  return (
    <View style={styles.row}>
      <Field
        label="Quiet hours"
        value={text}
        onChange={setText}
        hint={`Such as ${example}; empty for none. What is on the heat, in water or out of the cold rings all the same.`}
        problem={read === undefined ? `Such as ${example}.` : undefined}
      />
      {read !== undefined && text !== asText && (
        <LikeField>
          <Button label="Keep" name="Keep quiet hours" onPress={() => onChange(read)} />
        </LikeField>
      )}
    </View>
  );
}

const words = (clock: string): string => clockTimeWords(parseClockTime(clock));

/** Undefined where it cannot be read. */
function readQuiet(text: string): QuietHours | undefined {
  if (text.trim() === '') return null;
  const [from, to, ...more] = text.split(/\s*[–-]\s*/);
  if (from === undefined || to === undefined || more.length > 0) return undefined;
  const read = orProblem(() => ({ from: clockText(from), to: clockText(to) }));
  return 'problem' in read || read.from === read.to ? undefined : read;
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
