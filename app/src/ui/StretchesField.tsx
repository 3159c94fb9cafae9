import { clockText, clockTimeWords, parseClockTime } from '@omtel/core/time';
import { orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { Field } from './Field';
import { LikeField } from './LikeField';
import { space } from './tokens';

/** A stretch of a day, by the clock on the wall, as it is kept. */
export interface Stretch {
  readonly from: string;
  readonly to: string;
}

interface StretchesFieldProps {
  readonly label: string;
  readonly hint?: string;
  readonly stretches: readonly Stretch[];
  /** What such stretches may be, shown where they cannot be read; there are no more at once than these. */
  readonly example: readonly Stretch[];
  readonly most?: number;
  readonly onChange: (stretches: Stretch[]) => void;
}

/** Stretches of a day as "06:30–08:00, 17:00–23:30", by either clock; empty: none. */
export function StretchesField({
  label,
  hint,
  stretches,
  example,
  most = example.length,
  onChange,
}: StretchesFieldProps) {
  const asText = stretchWords(stretches);
  const [text, setText] = useState(asText);
  const read = readStretches(text, most);
  const keep = () => {
    if (!read) return;
    setText(stretchWords(read));
    onChange(read);
  };
  return (
    <View style={styles.row}>
      <Field
        label={label}
        value={text}
        onChange={setText}
        hint={hint}
        problem={read ? undefined : `Such as ${stretchWords(example)}.`}
      />
      {read && text !== asText && (
        <LikeField>
          <Button label="Keep" name={`Keep ${label}`} onPress={keep} />
        </LikeField>
      )}
    </View>
  );
}

const words = (clock: string): string => clockTimeWords(parseClockTime(clock));

export const stretchWords = (stretches: readonly Stretch[]): string =>
  stretches.map(({ from, to }) => `${words(from)}–${words(to)}`).join(', ');

function readStretches(text: string, most: number): Stretch[] | null {
  if (text.trim() === '') return [];
  const parts = text.split(',').map((part) => part.trim().split(/\s*[–-]\s*/));
  if (parts.length > most || parts.some(({ length }) => length !== 2)) return null;
  const read = orProblem(() => parts.map(([from, to]) => ({ from: clockText(from!), to: clockText(to!) })));
  return 'problem' in read ? null : read;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
