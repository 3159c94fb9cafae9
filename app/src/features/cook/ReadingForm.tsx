import type { Settings } from '@omtel/core/api';
import { convertedSlip, readingSlip, written } from '@omtel/core/slips';
import { PLACE_OF_PROBE, payloads, type Payload, type ProbePlace } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import {
  convertTyped,
  formatDurationUp,
  kelvinIn,
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

interface ReadingFormProps {
  readonly food: FoodState;
  readonly place: ProbePlace;
  /** How long the target is held, ms; 0 where it is met on reaching it. */
  readonly holdMs: number;
  readonly onRecorded: () => void;
  readonly autoFocus?: boolean;
}

interface ReadingDraft {
  readonly unit: TemperatureUnit;
  readonly text: string;
  /** As it was typed before another unit was chosen; empty where none was. */
  readonly typed: string;
  readonly watched: 'no' | 'yes';
}

/** What was typed longer ago is no reading of now. */
const KEPT_MS = 10 * MINUTE_MS;

/** A thermometer is watched for so long at most; longer times are read at their ends. */
const LONGEST_WATCH_MS = 2 * MINUTE_MS;

const UNITS: Record<TemperatureUnit, { value: TemperatureUnit; label: string }> = {
  C: { value: 'C', label: '°C' },
  F: { value: 'F', label: '°F' },
};

/** A reading, in the unit the thermometer shows: it is kept as it was read. */
export function ReadingForm({ food, place, holdMs, onRecorded, autoFocus }: ReadingFormProps) {
  const { units, settings, now } = useKitchen();
  const recordNow = useRecord();
  const {
    draft: { unit, text, typed, watched },
    set,
    drop,
  } = useDraft<ReadingDraft>(
    `reading.${food.foodId}.${place}`,
    { unit: units.temperature, text: '', typed: '', watched: 'no' },
    KEPT_MS,
  );
  const [problem, setProblem] = useState<string>();
  const { keepOrAsk, asked } = useAskFirst(JSON.stringify([text, unit, place, watched]));
  const watchable = holdMs > 0 && holdMs <= LONGEST_WATCH_MS;

  const keep = async (read: Payload<'reading'>) => {
    await recordNow(food, `${PLACE_OF_PROBE[place]} read ${written(read.temperature)}`, 'reading', {
      ...read,
      place,
      ...(watchable && watched === 'yes' && { watchedMs: holdMs }),
    });
    drop();
    onRecorded();
  };
  const submit = () => {
    const read = readReading(text, unit, settings.thermometer);
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    const before = readReading(typed, unit, settings.thermometer);
    const slip =
      typed !== '' && 'temperature' in before
        ? convertedSlip(food, read.temperature, before.temperature, now)
        : readingSlip(food, read.temperature, now);
    return keepOrAsk(slip, read.temperature, written, (temperature) =>
      keep(readAs(temperature, settings.thermometer)),
    );
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
      <LikeField>
        <Button label="Record" onPress={submit} />
      </LikeField>
      {asked}
    </View>
  );
}

/** A reading as it is kept, or a sentence for its field. */
function readReading(
  text: string,
  unit: TemperatureUnit,
  thermometer: Settings['thermometer'],
): Payload<'reading'> | Problem {
  return orProblem(() => {
    const parsed = payloads.reading.safeParse(readAs({ value: parseNumber(text), unit }, thermometer));
    return parsed.success ? parsed.data : { problem: parsed.error.issues[0]!.message };
  });
}

/** A temperature as this household's thermometer read it. */
const readAs = (
  temperature: Temperature,
  { readsHighK, inDoubt }: Settings['thermometer'],
): Payload<'reading'> => ({
  temperature,
  ...(readsHighK !== 0 && { correction: -kelvinIn(readsHighK, temperature.unit) }),
  ...(inDoubt && { doubtful: true as const }),
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
});
