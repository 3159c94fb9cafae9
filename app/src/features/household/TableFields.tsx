import {
  CARE_WORDS,
  careReasons,
  MOST_EATERS,
  MOST_NAME,
  type CareReason,
  type Eater,
} from '@omtel/core/table';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { SwitchRow } from '../../ui/SwitchRow';
import { Heading, Words } from '../../ui/Words';

interface TableFieldsProps {
  readonly table: readonly Eater[];
  readonly onChange: (table: Eater[]) => void;
}

const NONE = 'none';

/** Who eats here, who of them little, and who needs extra care: what is not for them is said of it. */
export function TableFields({ table, onChange }: TableFieldsProps) {
  const change = (id: string, patch: Partial<Eater>) =>
    onChange(table.map((eater) => (eater.id === id ? { ...eater, ...patch } : eater)));
  return (
    <View style={styles.group}>
      <Heading>At the table</Heading>
      <Words tone="soft">
        What is not for somebody who needs extra care is said of it, by name. It stays in this household.
      </Words>
      {table.map((eater) => (
        <Somebody
          key={eater.id}
          eater={eater}
          onChange={(patch) => change(eater.id, patch)}
          onRemove={() => onChange(table.filter(({ id }) => id !== eater.id))}
        />
      ))}
      {table.length < MOST_EATERS && (
        <NewEater
          table={table}
          onAdd={(name) => onChange([...table, { id: uuid(), name, small: false, care: null }])}
        />
      )}
    </View>
  );
}

interface SomebodyProps {
  readonly eater: Eater;
  readonly onChange: (patch: Partial<Eater>) => void;
  readonly onRemove: () => void;
}

function Somebody({ eater: { name, small, care }, onChange, onRemove }: SomebodyProps) {
  return (
    <View style={styles.somebody}>
      <View style={styles.line}>
        <Words size="lead" style={styles.grow}>
          {name}
        </Words>
        <Button kind="plain" label="Remove" name={`Remove ${name} from the table`} onPress={onRemove} />
      </View>
      <SwitchRow
        label={`${name}: a small eater`}
        value={small}
        onChange={(next) => onChange({ small: next })}
      />
      <Choice<CareReason | typeof NONE>
        label={`${name}: extra care`}
        quiet
        value={care ?? NONE}
        onChange={(value) => onChange({ care: value === NONE ? null : value })}
        options={[
          { value: NONE, label: 'None' },
          ...careReasons.map((value) => ({ value, label: CARE_WORDS[value] })),
        ]}
      />
    </View>
  );
}

function NewEater({
  table,
  onAdd,
}: {
  readonly table: readonly Eater[];
  readonly onAdd: (name: string) => void;
}) {
  const [name, setName] = useState('');
  const trimmed = name.trim();
  const twice = table.some((eater) => eater.name === trimmed);
  const add = () => {
    if (trimmed === '' || twice) return;
    onAdd(trimmed);
    setName('');
  };
  return (
    <>
      <Field
        label="Somebody who eats here"
        value={name}
        onChange={setName}
        most={MOST_NAME}
        problem={twice ? `${trimmed} is at the table already.` : undefined}
        onSubmit={add}
      />
      <View style={styles.start}>
        <Button kind="plain" label="Add them" onPress={add} />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  somebody: { gap: space.xs },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
  start: { alignItems: 'flex-start' },
});
