import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRenewCodesMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { CodeList } from './CodeList';
import { Refused } from './Refused';

/** Other codes, for who has lost the paper. */
export function OtherCodes() {
  const [passphrase, setPassphrase] = useState('');
  const [renew, { data, isLoading, error }] = useRenewCodesMutation();
  const make = async () => {
    const { data: made } = await renew(passphrase);
    if (made) setPassphrase('');
  };
  return (
    <View style={styles.group}>
      <Heading>Recovery codes</Heading>
      <Words tone="soft">Other ones can be made; those on paper open nothing any more then.</Words>
      {data ? (
        <>
          <CodeList codes={data.codes} />
          <Button label="Print them" onPress={() => globalThis.print()} />
        </>
      ) : (
        <>
          <Field
            label="Passphrase"
            value={passphrase}
            onChange={setPassphrase}
            completes="current-password"
            onSubmit={make}
          />
          <Refused error={error} />
          <Button label="Make other codes" busy={isLoading} onPress={make} />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
