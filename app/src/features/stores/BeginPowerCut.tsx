import type { PowerCut } from '@omtel/core/api';
import { clockOf, lastAtClock, parseClockTime } from '@omtel/core/time';
import { orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useRecordPowerCutMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { useSaidOfStore } from './useSaidOfStore';

const FILLS: readonly { value: PowerCut['freezer']; label: string }[] = [
  { value: 'full', label: 'Full' },
  { value: 'half', label: 'Half full' },
  { value: 'less', label: 'Less' },
];

/** What to say of a power cut when it begins. */
export function BeginPowerCut({ onRecorded }: { readonly onRecorded: () => void }) {
  const { now, zone } = useKitchen();
  const [record, { isLoading, error }] = useRecordPowerCutMutation();
  const said = useSaidOfStore();
  const [since, setSince] = useState<string>();
  const [freezer, setFreezer] = useState<PowerCut['freezer']>('less');
  const [problem, setProblem] = useState<string>();
  const text = since ?? clockOf(now, zone);

  const save = async () => {
    const read = orProblem(() => ({ offAt: lastAtClock(Math.round(now), parseClockTime(text), zone) }));
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    const id = uuid();
    const kept = await record({ id, ...read, freezer, opened: [] });
    if ('error' in kept) return;
    said({ kind: 'powerOff', id }, 'The power is off', read.offAt);
    onRecorded();
  };

  return (
    <View style={styles.group}>
      <Field
        label="No power since"
        value={text}
        onChange={setSince}
        problem={problem ?? (error ? sentenceOf(error) : undefined)}
        hint="As the clock showed it. Keep the doors closed."
        onSubmit={() => void save()}
      />
      <Choice label="How full is the freezer?" value={freezer} onChange={setFreezer} options={FILLS} />
      <Button label="Record the power cut" busy={isLoading} onPress={save} />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
