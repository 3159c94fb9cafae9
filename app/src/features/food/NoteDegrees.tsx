import { placeSlip, written, type ReadPlace } from '@omtel/core/slips';
import { orProblem, parseNumber, type Temperature } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { useAskFirst } from '../../ui/useAskFirst';

interface NoteDegreesProps {
  readonly label: string;
  readonly button: string;
  /** What is read: what it cannot be is asked about first. */
  readonly of: ReadPlace;
  readonly onNote: (temperature: Temperature) => Promise<void>;
}

/** A temperature of what is around a food, typed and noted. */
export function NoteDegrees({ label, button, of, onNote }: NoteDegreesProps) {
  const { units } = useKitchen();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const { keepOrAsk, asked } = useAskFirst(`${text} °${units.temperature}`);
  const keep = async (temperature: Temperature) => {
    await onNote(temperature);
    setText('');
  };
  const note = () => {
    const read = orProblem(() => ({ value: parseNumber(text), unit: units.temperature }));
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    return keepOrAsk(placeSlip(of, read), read, written, keep);
  };

  return (
    <View style={styles.row}>
      <Field
        label={label}
        value={text}
        onChange={setText}
        numeric
        unit={`°${units.temperature}`}
        problem={problem}
        onSubmit={() => void note()}
      />
      <Button label={button} disabled={text.trim() === ''} onPress={note} />
      {asked}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-end', width: '100%' },
});
