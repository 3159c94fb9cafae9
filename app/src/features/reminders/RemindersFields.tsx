import type { Settings } from '@omtel/core/api';
import { StyleSheet, View } from 'react-native';
import { StretchesField, stretchWords, type Stretch } from '../../ui/StretchesField';
import { SwitchRow } from '../../ui/SwitchRow';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { ThisDeviceFields } from './ThisDeviceFields';

type Reminders = Settings['reminders'];

interface RemindersFieldsProps {
  readonly reminders: Reminders;
  readonly onChange: (reminders: Reminders) => void;
}

/** How the household is told of what falls due, and when only silently. */
export function RemindersFields({ reminders, onChange }: RemindersFieldsProps) {
  return (
    <View style={styles.group}>
      <Heading>Reminders</Heading>
      <SwitchRow
        label="Heard"
        value={reminders.heard}
        onChange={(heard) => onChange({ ...reminders, heard })}
      />
      <SwitchRow
        label="Felt, on a device that vibrates"
        value={reminders.felt}
        onChange={(felt) => onChange({ ...reminders, felt })}
      />
      <StretchesField
        label="Quiet hours"
        hint={`Such as ${stretchWords(EXAMPLE)}; empty for none. What is on the heat, in water or out of the cold rings all the same.`}
        stretches={reminders.quiet ? [reminders.quiet] : []}
        example={EXAMPLE}
        onChange={([quiet = null]) => onChange({ ...reminders, quiet })}
      />
      <ThisDeviceFields />
    </View>
  );
}

const EXAMPLE: readonly Stretch[] = [{ from: '22:30', to: '06:30' }];

const styles = StyleSheet.create({ group: { gap: space.m } });
