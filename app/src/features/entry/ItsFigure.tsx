import { placeSlip, readingSlip, written, type TemperatureSlip } from '@omtel/core/slips';
import { payloads, PLACE_LABELS, type FoodEvent, type ProbePlace } from '@omtel/core/record';
import { placesOf } from '@omtel/core/clocks';
import { orProblem, parseNumber, type Temperature } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFood } from '../../store/useFoods';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { useAskFirst } from '../../ui/useAskFirst';
import type { Correction } from './useCorrect';

type Read = FoodEvent<'reading'> | FoodEvent<'waterRead'> | FoodEvent<'airRead'>;

interface ItsFigureProps {
  readonly event: Read;
  readonly onCorrect: (correction: Correction) => unknown;
}

/** Sets right what a thermometer showed, in the unit it was read in or the other, and where its tip was. */
export function ItsFigure({ event, onCorrect }: ItsFigureProps) {
  const { temperature } = event.payload;
  const food = useFood(event.foodId).data?.food.state;
  const [text, setText] = useState(String(temperature.value));
  const [tip, setTip] = useState<ProbePlace | null>(
    event.type === 'reading' ? (event.payload.place ?? null) : null,
  );
  const [problem, setProblem] = useState<string>();
  const { keepOrAsk, asked } = useAskFirst(JSON.stringify([text, tip]));
  const other: Temperature = { value: temperature.value, unit: temperature.unit === 'C' ? 'F' : 'C' };
  const words = (shown: Temperature) => ({
    ...event.payload,
    temperature: shown,
    ...(tip && { place: tip }),
    ...correctionIn(event, shown),
  });
  const keep = (shown: Temperature) => onCorrect({ instead: words(shown) });
  const set = (shown: Temperature) => {
    const read = payloads[event.type].safeParse(words(shown));
    if (!read.success) return setProblem(read.error.issues[0]!.message);
    setProblem(undefined);
    return keepOrAsk(slipOf(event, shown), shown, written, keep);
  };
  const typed = () => {
    const read = orProblem(() => ({ value: parseNumber(text), unit: temperature.unit }));
    return 'problem' in read ? setProblem(read.problem) : set(read);
  };
  const slipOf = ({ type, at }: Read, shown: Temperature): TemperatureSlip | null => {
    if (type === 'waterRead') return placeSlip('water', shown);
    return type === 'reading' && food ? readingSlip(food, shown, at) : null;
  };
  return (
    <View style={styles.group}>
      <View style={styles.figure}>
        <Field
          label="It read"
          value={text}
          onChange={setText}
          problem={problem}
          numeric
          unit={`°${temperature.unit}`}
          onSubmit={() => void typed()}
        />
        <Button label="Set the reading" onPress={typed} />
      </View>
      <View style={styles.row}>
        <Button kind="plain" label={`It was ${written(other)}`} onPress={() => set(other)} />
      </View>
      {event.type === 'reading' && food && (
        <Choice
          label="The tip was in"
          value={tip}
          onChange={setTip}
          options={placesOf(food).map((value) => ({ value, label: PLACE_LABELS[value] }))}
        />
      )}
      {asked}
    </View>
  );
}

/** What a thermometer is off by, in the degrees of what it shows. */
function correctionIn(event: Read, { unit }: Temperature): { correction?: number } {
  if (event.type !== 'reading' || event.payload.correction === undefined) return {};
  const { correction, temperature } = event.payload;
  const perDegree = temperature.unit === unit ? 1 : unit === 'F' ? 9 / 5 : 5 / 9;
  return { correction: correction * perDegree };
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  figure: { flexDirection: 'row', gap: space.m, alignItems: 'flex-end', maxWidth: 360 },
  row: { flexDirection: 'row', columnGap: space.l },
});
