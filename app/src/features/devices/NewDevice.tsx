import { type DeviceKey, LONGEST_DEVICE_NAME } from '@omtel/core/api';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useAddDeviceMutation } from '../../store/devicesApi';
import { sentenceOf } from '../../store/problem';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { NewKey } from './NewKey';

/** A device gets a name, and a key that is shown this once. */
export function NewDevice({ onDone }: { readonly onDone: () => void }) {
  const [add, { isLoading, error }] = useAddDeviceMutation();
  const [name, setName] = useState('');
  const [made, setMade] = useState<DeviceKey | null>(null);
  const trimmed = name.trim();
  const save = async () => {
    const answer = await add({ id: uuid(), name: trimmed });
    if ('data' in answer) setMade(answer.data!);
  };
  if (made) return <NewKey device={made} onDone={onDone} />;
  return (
    <View style={styles.group}>
      <Heading small>A new device</Heading>
      <Field
        label="What it is called"
        value={name}
        onChange={setName}
        most={LONGEST_DEVICE_NAME}
        hint="As you would call it: sensor in the refrigerator, probe"
        problem={error ? sentenceOf(error) : undefined}
        onSubmit={() => trimmed !== '' && void save()}
      />
      <View style={styles.row}>
        <Button kind="main" label="Make its key" busy={isLoading} disabled={trimmed === ''} onPress={save} />
        <Button kind="plain" label="Not now" onPress={onDone} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'center' },
});
