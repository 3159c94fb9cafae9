import { passphraseChangeSchema } from '@omtel/core/door';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChangePassphraseMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { NewPassphraseField } from './NewPassphraseField';
import { problemsIn } from './problemsIn';
import { Refused } from './Refused';

const EMPTY = { passphrase: '', next: '' };

/** Another passphrase, by the one before. */
export function AnotherPassphrase({ known }: { readonly known: readonly string[] }) {
  const [said, setSaid] = useState(EMPTY);
  const [pressed, setPressed] = useState(false);
  const [change, { isLoading, error, isSuccess }] = useChangePassphraseMutation();
  const problems = problemsIn(passphraseChangeSchema, said);
  const save = async () => {
    setPressed(true);
    if (Object.keys(problems).length > 0) return;
    const { error: refused } = await change(said);
    if (refused) return;
    setSaid(EMPTY);
    setPressed(false);
  };
  return (
    <View style={styles.group}>
      <Heading>Another passphrase</Heading>
      <Field
        label="Passphrase so far"
        value={said.passphrase}
        onChange={(passphrase) => setSaid({ ...said, passphrase })}
        completes="current-password"
      />
      <NewPassphraseField
        label="New passphrase"
        value={said.next}
        onChange={(next) => setSaid({ ...said, next })}
        known={known}
        problem={pressed ? problems.next : undefined}
        onSubmit={save}
      />
      <Refused error={error} />
      {isSuccess && !said.next && (
        <Words role="status">It is the new one now. Your other devices are signed out.</Words>
      )}
      <Button label="Take the new one" busy={isLoading} onPress={save} />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
