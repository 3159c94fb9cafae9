import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { zonesLike } from './zonesLike';

interface ZoneFieldProps {
  readonly zone: string;
  readonly onChange: (zone: string) => void;
}

/** Where the household lives, as its clocks go: days and suppers are counted there, whatever a phone on a journey says. */
export function ZoneField({ zone, onChange }: ZoneFieldProps) {
  const [text, setText] = useState('');
  const found = zonesLike(text);
  const take = (name: string) => {
    setText('');
    onChange(name);
  };
  return (
    <View style={styles.group}>
      <Heading>Time zone</Heading>
      <Words>{`Days and clock times are those of ${inWords(zone)}.`}</Words>
      <Field
        label="Another place"
        value={text}
        onChange={setText}
        hint="A city, as lisbon or new york"
        problem={
          text.trim().length > 1 && found.length === 0
            ? 'No zone by that name. Try a larger city near by.'
            : undefined
        }
      />
      <View style={styles.row}>
        {found.map((name) => (
          <Button key={name} label={inWords(name)} onPress={() => take(name)} />
        ))}
      </View>
    </View>
  );
}

const inWords = (zone: string): string => zone.replaceAll('_', ' ').replaceAll('/', ' / ');

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
