import { convertedSlip, readingSlip, written } from '@omtel/core/slips';
import {
  DUTY_WORDS,
  PLACE_OF_PROBE,
  type HoldingDuty,
  type Payload,
  type ProbePlace,
} from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import {
  capital,
  convertTyped,
  formatDurationUp,
  MINUTE_MS,
  orProblem,
  parseNumber,
  type Temperature,
  type TemperatureUnit,
  type Problem,
} from '@omtel/core/units';
import { useCallback, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useDraft } from '../../store/draft';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { LikeField } from '../../ui/LikeField';
import { space } from '../../ui/tokens';
import { useAskFirst } from '../../ui/useAskFirst';
import { useRecord } from '../food';
import { asRead, ReadWith, usualThermometer, useThermometers } from '../thermometers';

interface ReadingFormProps {
  readonly food: FoodState;
  readonly place: ProbePlace;
  /** How long the target is held, ms; 0 where it is met on reaching it. */
  readonly holdMs: number;
  readonly onRecorded: () => void;
  readonly autoFocus?: boolean;
  /** What is seen to besides, in a check of what is kept hot or cold. */
  readonly duties?: readonly HoldingDuty[];
}

interface ReadingDraft {
  readonly seenTo: Partial<Record<HoldingDuty, 'yes' | 'no'>>;
  readonly unit: TemperatureUnit;
  readonly text: string;
  /** As it was typed before another unit was chosen; empty where none was. */
  readonly typed: string;
  readonly watched: 'no' | 'yes';
  /** The thermometer, by its id; the usual one where nobody chose. */
  readonly by: string;
}

/** What was typed longer ago is no reading of now. */
const KEPT_MS = 10 * MINUTE_MS;

/** A thermometer is watched for so long at most; longer times are read at their ends. */
const LONGEST_WATCH_MS = 2 * MINUTE_MS;

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

const UNITS: Record<TemperatureUnit, { value: TemperatureUnit; label: string }> = {
  C: { value: 'C', label: '°C' },
  F: { value: 'F', label: '°F' },
};

/** A reading, in the unit the thermometer shows: it is kept as it was read. */
export function ReadingForm({ food, place, holdMs, onRecorded, autoFocus, duties }: ReadingFormProps) {
  const { units, now, rules } = useKitchen(food);
  const { all } = useThermometers();
  const recordNow = useRecord();
  const {
    draft: { unit, text, typed, watched, by, seenTo },
    set,
    drop,
  } = useDraft<ReadingDraft>(
    `reading.${food.foodId}.${place}`,
    { unit: units.temperature, text: '', typed: '', watched: 'no', by: '', seenTo: {} },
    KEPT_MS,
  );
  const thermometer = all.find(({ id }) => id === by) ?? usualThermometer(all, food.lastReading?.by);
  const [problem, setProblem] = useState<string>();
  const { keepOrAsk, asked } = useAskFirst(JSON.stringify([text, unit, place, watched, thermometer?.id]));
  const watchable = holdMs > 0 && holdMs <= LONGEST_WATCH_MS;

  const keep = async (read: Payload<'reading'>) => {
    await recordNow(food, `${PLACE_OF_PROBE[place]} read ${written(read.temperature)}`, 'reading', {
      ...read,
      place,
      ...(watchable && watched === 'yes' && { watchedMs: holdMs }),
      ...(duties && {
        seenTo: Object.fromEntries(Object.entries(seenTo).map(([duty, said]) => [duty, said === 'yes'])),
      }),
    });
    drop();
    onRecorded();
  };
  const submit = () => {
    const shown = typedAs(text, unit);
    if ('problem' in shown) return setProblem(shown.problem);
    const read = asRead(shown, thermometer, { now, rules, units });
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    const before = typedAs(typed, unit);
    const slip =
      typed !== '' && !('problem' in before)
        ? convertedSlip(food, shown, before, now)
        : readingSlip(food, shown, now);
    return keepOrAsk(slip, shown, written, (temperature) => {
      const meant = asRead(temperature, thermometer, { now, rules, units });
      return 'problem' in meant ? setProblem(meant.problem) : keep(meant);
    });
  };
  const change = useCallback(
    (said: string) => {
      const converted = said === convertTyped(typed, `°${unit === 'C' ? 'F' : 'C'}`, `°${unit}`);
      set({ text: said, ...(!converted && { typed: '' }) });
    },
    [set, typed, unit],
  );

  return (
    <View style={styles.row}>
      <ReadWith all={all} value={thermometer} onChange={(id) => set({ by: id })} />
      <Field
        label="Reading"
        hint={`Of ${PLACE_OF_PROBE[place]}.`}
        value={text}
        onChange={change}
        problem={problem}
        numeric
        unit={`°${unit}`}
        suffix=""
        autoFocus={autoFocus}
        onSubmit={() => void submit()}
      />
      <LikeField>
        <Choice
          label="Unit of the reading"
          quiet
          value={unit}
          onChange={(chosen) => set({ unit: chosen, typed: text })}
          options={units.temperature === 'C' ? [UNITS.C, UNITS.F] : [UNITS.F, UNITS.C]}
        />
      </LikeField>
      {watchable && (
        <Choice
          label={`Watched: it showed no less for ${formatDurationUp(holdMs)}`}
          value={watched}
          onChange={(said) => set({ watched: said })}
          options={[
            { value: 'no', label: 'Just read' },
            { value: 'yes', label: `Held ${formatDurationUp(holdMs)}` },
          ]}
        />
      )}
      {duties && (
        <View style={styles.duties}>
          {duties.map((duty) => (
            <Choice
              key={duty}
              label={capital(DUTY_WORDS[duty])}
              value={seenTo[duty] ?? null}
              onChange={(said) => set({ seenTo: { ...seenTo, [duty]: said } })}
              options={YES_NO}
            />
          ))}
        </View>
      )}
      <LikeField>
        <Button label="Record" onPress={submit} />
      </LikeField>
      {asked}
    </View>
  );
}

/** What was typed, as a temperature, or a sentence for its field. */
const typedAs = (text: string, unit: TemperatureUnit): Temperature | Problem =>
  orProblem(() => ({ value: parseNumber(text), unit }));

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
  duties: { flexBasis: '100%', flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l, rowGap: space.m },
});
