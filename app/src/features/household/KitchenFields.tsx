import { MOST_COOKS, type Settings, type SettingsPatch } from '@omtel/core/api';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { LikeField } from '../../ui/LikeField';
import { Stepper } from '../../ui/Stepper';
import { REACH, space } from '../../ui/tokens';
import { SwitchRow } from '../../ui/SwitchRow';
import { Heading, Words } from '../../ui/Words';
import { DayHours } from './DayHours';
import { PowerField, VolumeField } from './MeasureFields';
import { OvenFields } from './OvenFields';

interface KitchenFieldsProps {
  readonly kitchen: Settings['kitchen'];
  readonly cooks: Settings['cooks'];
  readonly onChange: (patch: Pick<SettingsPatch, 'kitchen' | 'cooks'>) => void;
}

/** What there is to cook with, and who cooks: a meal's schedule goes by both. */
export function KitchenFields({ kitchen, cooks, onChange }: KitchenFieldsProps) {
  const set = (patch: Partial<Settings['kitchen']>) => onChange({ kitchen: { ...kitchen, ...patch } });
  const count = (label: string, field: 'rings' | 'warm' | 'boards' | 'sinks', min: number, max: number) => (
    <Stepper
      label={label}
      value={kitchen[field]}
      min={min}
      max={max}
      onChange={(value) => set({ [field]: value })}
    />
  );
  const has = (label: string, field: 'microwave' | 'grill' | 'slowCooker') => (
    <SwitchRow label={label} value={kitchen[field]} onChange={(value) => set({ [field]: value })} />
  );
  return (
    <View style={styles.group}>
      <Heading>Kitchen and cooks</Heading>
      <OvenFields ovens={kitchen.ovens} onChange={(ovens) => set({ ovens })} />
      {count('Dishes in a warm drawer', 'warm', 0, 8)}
      {count('Rings', 'rings', 0, 8)}
      <View style={styles.row}>
        <VolumeField
          label="Largest pot"
          litres={kitchen.potLitres}
          onChange={(potLitres) => set({ potLitres })}
        />
        <VolumeField
          label="Free in refrigerator"
          litres={kitchen.coldLitres}
          onChange={(coldLitres) => set({ coldLitres })}
        />
      </View>
      <Words size="small" tone="soft">
        What nobody measured is left empty: nothing is held against it.
      </Words>
      {count('Boards', 'boards', 1, 8)}
      {count('Sinks or tubs to thaw in', 'sinks', 1, 3)}
      {has('A microwave', 'microwave')}
      {kitchen.microwave && (
        <PowerField watts={kitchen.microwaveW} onChange={(microwaveW) => set({ microwaveW })} />
      )}
      {has('A grill', 'grill')}
      {has('A slow cooker', 'slowCooker')}
      {cooks.map((cook) => (
        <Cook key={cook.id} cook={cook} cooks={cooks} onChange={(next) => onChange({ cooks: next })} />
      ))}
      {cooks.length < MOST_COOKS && <NewCook cooks={cooks} onChange={(next) => onChange({ cooks: next })} />}
    </View>
  );
}

type Cooks = Settings['cooks'];

interface CookProps {
  readonly cook: Cooks[number];
  readonly cooks: Cooks;
  readonly onChange: (cooks: Cooks) => void;
}

/** One cook, with hours of their own where they have some. */
function Cook({ cook, cooks, onChange }: CookProps) {
  const change = (patch: Partial<Cooks[number]>) =>
    onChange(cooks.map((each) => (each.id === cook.id ? { ...each, ...patch } : each)));
  return (
    <View style={styles.cook}>
      <View style={styles.switch}>
        <Words size="lead" style={styles.grow}>
          {cook.name}
        </Words>
        {cooks.length > 1 && (
          <Button
            kind="plain"
            label="Remove"
            name={`Remove ${cook.name}`}
            onPress={() => onChange(cooks.filter(({ id }) => id !== cook.id))}
          />
        )}
        <Button
          kind="plain"
          label={cook.availability ? 'As the household' : 'Own hours'}
          name={`${cook.availability ? 'As the household' : 'Own hours'}: ${cook.name}`}
          onPress={() => change({ availability: cook.availability ? null : USUAL_HOURS })}
        />
      </View>
      <SwitchRow
        label="Does not handle raw poultry"
        name={`${cook.name} does not handle raw poultry`}
        value={cook.noRawPoultry ?? false}
        onChange={(noRawPoultry) => change({ noRawPoultry })}
      />
      {cook.availability && (
        <DayHours
          of={cook.name}
          availability={cook.availability}
          onChange={(availability) => change({ availability })}
        />
      )}
    </View>
  );
}

const USUAL_HOURS: Settings['availability'] = Object.fromEntries(
  ['1', '2', '3', '4', '5', '6', '7'].map((day) => [day, [{ from: '07:00', to: '22:00' }]]),
) as Settings['availability'];

const LONGEST_NAME = 40;

function NewCook({ cooks, onChange }: { readonly cooks: Cooks; readonly onChange: (cooks: Cooks) => void }) {
  const [name, setName] = useState('');
  const trimmed = name.trim();
  const id = trimmed.toLowerCase();
  const twice = cooks.some((cook) => cook.id === id || cook.name === trimmed);
  const add = () => {
    if (trimmed === '' || twice) return;
    onChange([...cooks, { id, name: trimmed, availability: null }]);
    setName('');
  };
  return (
    <View style={styles.row}>
      <Field
        label="Another cook"
        value={name}
        onChange={setName}
        most={LONGEST_NAME}
        onSubmit={add}
        problem={twice ? 'That cook is there already.' : undefined}
      />
      <LikeField>
        <Button label="Add" name="Add a cook" disabled={trimmed === '' || twice} onPress={add} />
      </LikeField>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  cook: { gap: space.s },
  switch: { flexDirection: 'row', alignItems: 'center', minHeight: REACH, gap: space.m },
  grow: { flex: 1 },
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
