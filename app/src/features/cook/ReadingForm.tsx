import type { FoodState } from '@omtel/core/trail';
import { payloads } from '@omtel/core/trail';
import { parseNumber, type TemperatureUnit } from '@omtel/core/units';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { useRecord } from '../food/useAct';

interface ReadingFormProps {
  readonly food: FoodState;
  readonly autoFocus?: boolean;
}

const UNITS: Record<TemperatureUnit, { value: TemperatureUnit; label: string }> = {
  C: { value: 'C', label: '°C' },
  F: { value: 'F', label: '°F' },
};

/** A reading, in the unit the thermometer shows: it is kept as it was read. */
export function ReadingForm({ food, autoFocus }: ReadingFormProps) {
  const { units } = useKitchen();
  const recordNow = useRecord();
  const [unit, setUnit] = useState<TemperatureUnit>(units.temperature);
  const { control, handleSubmit, reset, setError } = useForm({ defaultValues: { reading: '' } });

  const submit = handleSubmit(async ({ reading }) => {
    const parsed = payloads.reading.safeParse({ temperature: { value: parseNumber(reading), unit } });
    if (!parsed.success) {
      setError('reading', { message: parsed.error.issues[0]!.message });
      return;
    }
    await recordNow(food, `read ${reading.trim()} °${unit}`, 'reading', parsed.data);
    reset();
  });

  return (
    <View style={styles.row}>
      <Controller
        control={control}
        name="reading"
        rules={{ validate: (text) => problemWith(text) ?? true }}
        render={({ field, fieldState }) => (
          <Field
            label="Reading"
            value={field.value}
            onChange={field.onChange}
            onBlur={field.onBlur}
            problem={fieldState.error?.message}
            numeric
            autoFocus={autoFocus}
            onSubmit={() => void submit()}
          />
        )}
      />
      <View style={styles.unit}>
        <Choice
          label="Unit of the reading"
          quiet
          value={unit}
          onChange={setUnit}
          options={units.temperature === 'C' ? [UNITS.C, UNITS.F] : [UNITS.F, UNITS.C]}
        />
      </View>
      <View style={styles.unit}>
        <Button label="Record" onPress={() => void submit()} />
      </View>
    </View>
  );
}

function problemWith(text: string): string | null {
  try {
    parseNumber(text);
    return null;
  } catch (error) {
    if (error instanceof Error) return error.message;
    throw error;
  }
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
  unit: { paddingTop: 30 },
});
