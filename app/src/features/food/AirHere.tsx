import { runningExposure, uncontrolled, type FoodState } from '@omtel/core/trail';
import { formatCeiling, orProblem, parseNumber } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { seasonNow } from '../../store/season';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useRecord } from './useAct';

/** Food that stands out: how its minutes count there, and what the air was measured at. */
export function AirHere({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const recordNow = useRecord();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const running = runningExposure(food.exposures);
  if (!running || !uncontrolled(food.place)) return null;
  const { rules, units } = kitchen;
  const { warmAir, warmAirFactor } = rules.bandTime;
  const log = async () => {
    const read = orProblem(() => ({ temperature: { value: parseNumber(text), unit: units.temperature } }));
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    await recordNow(food, 'air noted', 'airRead', read);
    setText('');
  };
  return (
    <View style={styles.group}>
      <Words>
        {running.factor > 1
          ? `Warm air: each minute here counts × ${warmAirFactor.value.times}.`
          : `Each minute here counts once; in air above ${formatCeiling(warmAir.value.at, units)} it counts × ${warmAirFactor.value.times}.`}
      </Words>
      <View style={styles.row}>
        <Field
          label="Air there"
          value={text}
          onChange={setText}
          numeric
          suffix={`°${units.temperature}`}
          problem={problem}
          onSubmit={() => void log()}
        />
        <Button label="Note the air" disabled={text.trim() === ''} onPress={() => void log()} />
      </View>
      {food.place !== 'outdoors' && (
        <Button
          label="Taken outdoors"
          onPress={() =>
            void recordNow(food, 'outdoors', 'moved', { place: 'outdoors', ...seasonNow(kitchen) })
          }
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s, alignItems: 'flex-start' },
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-end', width: '100%' },
});
