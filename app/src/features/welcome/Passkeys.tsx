import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  useAddPasskeyMutation,
  useDeletePasskeyMutation,
  useOfferPasskeyMutation,
  usePasskeysQuery,
} from '../../store/doorApi';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { whenWords } from './members/words';
import { canHold, signed, whyNoPasskey } from './passkey';
import { Refused } from './Refused';

/** The passkeys that open the door to who looks: they are made here, and deleted. */
export function Passkeys() {
  const { now, zone } = useKitchen();
  const { data } = usePasskeysQuery(undefined, { refetchOnMountOrArgChange: true });
  const [remove, { error: notDeleted }] = useDeletePasskeyMutation();
  const keys = data?.passkeys ?? [];
  return (
    <View style={styles.group}>
      <Heading>Passkeys</Heading>
      <Words tone="soft">
        A device that is unlocked by your finger, face or code can open the door by it, without the
        passphrase. One that is lost is deleted here.
      </Words>
      {keys.length > 0 && (
        <Rows title="Yours">
          {keys.map(({ id, device, since, usedAt }) => (
            <View key={id} style={styles.line}>
              <View style={styles.grow}>
                <Words face="strong">{device}</Words>
                <Words size="small" tone="soft">
                  {usedAt === null
                    ? `Made ${whenWords(since, now, zone)}, not used yet`
                    : `Used ${whenWords(usedAt, now, zone)}`}
                </Words>
              </View>
              <Button
                kind="plain"
                label="Delete"
                name={`Delete the passkey made on ${device}, ${whenWords(since, now, zone)}`}
                onPress={() => remove(id)}
              />
            </View>
          ))}
        </Rows>
      )}
      <Refused error={notDeleted} />
      {canHold() ? <NewPasskey /> : <Words>{whyNoPasskey()}</Words>}
    </View>
  );
}

function NewPasskey() {
  const [passphrase, setPassphrase] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [offer, { isLoading: offering, error: notOffered }] = useOfferPasskeyMutation();
  const [add, { isLoading: adding, error: notAdded }] = useAddPasskeyMutation();
  const make = async () => {
    setProblem(null);
    const { data: optionsJSON } = await offer(passphrase);
    if (!optionsJSON) return;
    const { startRegistration } = await import('@simplewebauthn/browser');
    const { answer, problem: waved } = await signed(() => startRegistration({ optionsJSON }));
    if (!answer) return setProblem(waved);
    const { error } = await add(answer);
    if (!error) setPassphrase('');
  };
  return (
    <>
      <Field
        label="Passphrase, for a new key"
        value={passphrase}
        onChange={setPassphrase}
        completes="current-password"
        onSubmit={make}
      />
      {problem && <Words tone="hot">{problem}</Words>}
      <Refused error={notOffered ?? notAdded} />
      <Button label="Make a passkey" busy={offering || adding} onPress={make} />
    </>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
});
