import { orProblem, parseNumber, type Temperature } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';

interface NoteDegreesProps {
  readonly label: string;
  readonly button: string;
  readonly onNote: (temperature: Temperature) => Promise<void>;
}

/** A temperature of what is around a food, typed and noted. */
export function NoteDegrees({ label, button, onNote }: NoteDegreesProps) {
  const { units } = useKitchen();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const note = async () => {
    const read = orProblem(() => ({ value: parseNumber(text), unit: units.temperature }));
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    await onNote(read);
    setText('');
  };
  return (
    <View style={styles.row}>
      <Field
        label={label}
        value={text}
        onChange={setText}
        numeric
        suffix={`°${units.temperature}`}
        problem={problem}
        onSubmit={() => void note()}
      />
      <Button label={button} disabled={text.trim() === ''} onPress={note} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-end', width: '100%' },
});
