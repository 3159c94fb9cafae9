import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { QueryError } from '../../../store/problem';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { space } from '../../../ui/tokens';
import { Heading, Words } from '../../../ui/Words';
import { Refused } from '../Refused';

interface FarewellProps {
  readonly title: string;
  readonly words: string;
  /** What is pressed in the end. */
  readonly label: string;
  readonly busy: boolean;
  readonly error: QueryError;
  readonly onSaid: (passphrase: string) => unknown;
}

/** What cannot be taken back, or not for ever: it says what it does, and asks for the passphrase. */
export function Farewell({ title, words, label, busy, error, onSaid }: FarewellProps) {
  const [open, setOpen] = useState(false);
  const [passphrase, setPassphrase] = useState('');
  return (
    <View style={styles.group}>
      <Heading>{title}</Heading>
      <Words>{words}</Words>
      {open ? (
        <>
          <Field
            label="Your passphrase"
            value={passphrase}
            onChange={setPassphrase}
            completes="current-password"
            autoFocus
            onSubmit={() => onSaid(passphrase)}
          />
          <Refused error={error} />
          <Button kind="main" label={label} busy={busy} onPress={() => onSaid(passphrase)} />
          <Button kind="plain" label="No" onPress={() => setOpen(false)} />
        </>
      ) : (
        <View style={styles.start}>
          <Button kind="plain" label={`${title} …`} onPress={() => setOpen(true)} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m }, start: { alignItems: 'flex-start' } });
