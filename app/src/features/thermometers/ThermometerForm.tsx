import { KINDS, thermometerKinds, type Thermometer } from '@omtel/core/thermometers';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { emptyFields, proposedFor, readThermometer, type ThermometerFields } from './thermometerDraft';

interface ThermometerFormProps {
  readonly others: readonly Thermometer[];
  /** Why it was not kept. */
  readonly problem: string | undefined;
  readonly onDone: (thermometer: Thermometer) => unknown;
  readonly onCancel: () => void;
}

/** A thermometer that comes into the house: new, so in doubt until its first check. */
export function ThermometerForm({ others, problem, onDone, onCancel }: ThermometerFormProps) {
  const { units, now, zone, rules } = useKitchen();
  const unit = units.temperature;
  const [fields, setFields] = useState<ThermometerFields>(() => emptyFields(unit, rules.thermometer));
  const [asked, setAsked] = useState(false);
  const [id] = useState(() => uuid());
  const set = (patch: Partial<ThermometerFields>) => setFields({ ...fields, ...patch });
  const read = readThermometer(fields, { unit, now, zone }, others, id);
  const problems = asked && 'problems' in read ? read.problems : {};
  const number = (field: 'resolution' | 'least' | 'most' | 'rhythmDays', label: string, hint?: string) => (
    <Field
      label={label}
      value={fields[field]}
      onChange={(typed) => set({ [field]: typed })}
      problem={problems[field]}
      hint={hint}
      numeric
    />
  );
  const { can, cannot } = KINDS[fields.kind];
  const submit = () => ('thermometer' in read ? onDone(read.thermometer) : setAsked(true));
  return (
    <View style={styles.group}>
      <Field
        label="What you call it"
        value={fields.name}
        onChange={(name) => set({ name })}
        problem={problems.name}
        autoFocus
      />
      <Choice
        label="What it is"
        value={fields.kind}
        onChange={(kind) => set({ kind, ...proposedFor(kind, unit) })}
        options={thermometerKinds.map((kind) => ({ value: kind, label: KINDS[kind].name }))}
      />
      <Words tone="soft">{`Can: ${can} Cannot: ${cannot}`}</Words>
      <View style={styles.row}>
        {number('resolution', `Marks, °${unit}`)}
        {number('least', `From, °${unit}`)}
        {number('most', `To, °${unit}`)}
        {number('rhythmDays', 'Checked every, days', 'At home monthly; in service daily.')}
      </View>
      <Field
        label="Where it lives"
        value={fields.livesIn}
        onChange={(livesIn) => set({ livesIn })}
        problem={problems.livesIn}
        hint="Empty: nowhere in particular."
      />
      <Field
        label="Bought"
        value={fields.bought}
        onChange={(bought) => set({ bought })}
        problem={problems.bought}
        hint="Such as 2026-03-02. Empty: nobody knows."
      />
      {problem && (
        <View role="alert">
          <Words tone="hot">{problem}</Words>
        </View>
      )}
      <View style={styles.row}>
        <Button kind="main" label="Add it" onPress={submit} />
        <Button kind="plain" label="Not now" onPress={onCancel} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
});
