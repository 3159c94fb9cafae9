import { formById, type FormId } from '@omtel/core/foods';
import type { Condition } from '@omtel/core/plan';
import { atClock, dayName, shortDay } from '@omtel/core/time';
import { capital, formatDuration, lengthUnitOf, type MassUnit, type TypedUnit } from '@omtel/core/units';
import { Controller, type Control, type UseFormSetValue } from 'react-hook-form';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { LikeField } from '../../ui/LikeField';
import { readThickest, type ChosenFood, type PlanDraft } from './draft';
import type { ReadDraft } from './usePlanning';

const CONDITIONS: { value: Condition; label: string }[] = [
  { value: 'frozen', label: 'Frozen' },
  { value: 'thawed', label: 'Thawed' },
  { value: 'fresh', label: 'Fresh' },
];
const MASS_UNITS: Record<'metric' | 'imperial', MassUnit[]> = {
  metric: ['kg', 'lb'],
  imperial: ['lb', 'kg'],
};
const DAYS_OFFERED = 7;
const DAYS_BACK = ['0', '1', '2', '3'];

interface PlanFieldsProps {
  readonly chosen: ChosenFood;
  readonly draft: PlanDraft;
  readonly read: ReadDraft;
  readonly control: Control<PlanDraft>;
  readonly setValue: UseFormSetValue<PlanDraft>;
  /** When it is on the table is the meal's to say. */
  readonly ofMeal?: boolean;
}

/**
 * How much of it, in what state, when it is to be on the table, and how long it cooks and rests. A forecast that comes in
 * beside it does not draw it anew.
 */
export const PlanFields = memo(function PlanFields({
  chosen: { food, stored },
  draft,
  read,
  control,
  setValue,
  ofMeal,
}: PlanFieldsProps) {
  const { now, zone, units } = useKitchen();
  const { mass, serve, ownCook, rest, chart } = read;
  const day = (days: number) => dayOption(days, now, zone);

  return (
    <>
      <View style={styles.row}>
        <NumberField
          control={control}
          name="mass"
          label="Weight"
          unit={draft.massUnit}
          suffix=""
          read={mass}
        />
        {draft.condition === 'frozen' && (
          <NumberField
            control={control}
            name="thickest"
            label={`Thickest, ${lengthUnitOf(units)}`}
            unit={lengthUnitOf(units)}
            read={readThickest(draft.thickest, units)}
          />
        )}
        <LikeField>
          <Choice
            label="Unit of weight"
            quiet
            value={draft.massUnit}
            onChange={(unit) => setValue('massUnit', unit)}
            options={MASS_UNITS[units.mass].map((unit) => ({ value: unit, label: unit }))}
          />
        </LikeField>
      </View>
      {!stored && (
        <Choice
          label="It is"
          options={CONDITIONS}
          value={draft.condition}
          onChange={(condition) => setValue('condition', condition)}
        />
      )}
      {!stored && !ofMeal && draft.condition !== 'frozen' && (
        <Choice
          label={draft.condition === 'thawed' ? 'Thawed since' : 'Bought'}
          value={draft.sinceDaysAgo}
          onChange={(days) => setValue('sinceDaysAgo', days)}
          options={[
            ...DAYS_BACK.map((back) => day(-Number(back))),
            { value: 'unknown', label: 'Nobody knows' },
          ]}
        />
      )}
      {food.forms.length > 1 && !stored && (
        <Choice
          label="Shape"
          value={draft.form}
          onChange={(form: FormId) => setValue('form', form)}
          options={food.forms.map((form) => ({ value: form, label: formById(form).label }))}
        />
      )}
      {!ofMeal && <OnTheTable value={draft.daysAhead} onChange={(days) => setValue('daysAhead', days)} />}
      <View style={styles.row}>
        {!ofMeal && <NumberField control={control} name="clock" label="At" read={serve} words />}
        <NumberField control={control} name="cookMinutes" label="Cook, min" read={ownCook} />
        <NumberField control={control} name="restMinutes" label="Rest, min" read={rest} />
      </View>
      {draft.cookMinutes.trim() === '' && (
        <Words size="small" tone="soft">
          {chart
            ? `Cooking by the chart, ${formatDuration(chart.fastMs)} to ${formatDuration(chart.slowMs)}, unless you give your own.${chart.outsideChart ? ' The chart does not reach this weight; its nearest row is carried on.' : ''}`
            : 'No chart has it: how many minutes does it cook?'}
        </Words>
      )}
    </>
  );
});

/** The day of a meal, from today on. */
export function OnTheTable({
  value,
  onChange,
}: {
  readonly value: string;
  readonly onChange: (days: string) => void;
}) {
  const { now, zone } = useKitchen();
  return (
    <Choice
      label="On the table"
      value={value}
      onChange={onChange}
      options={Array.from({ length: DAYS_OFFERED }, (_, days) => dayOption(days, now, zone))}
    />
  );
}

/** A day so many days from today, by its name. */
function dayOption(days: number, now: number, zone: string): { value: string; label: string } {
  const noon = atClock(now, days, { hour: 12, minute: 0 }, zone);
  const name = Math.abs(days) < 2 ? dayName(noon, now, zone) : shortDay(noon, zone);
  return { value: String(Math.abs(days)), label: capital(name) };
}

interface NumberFieldProps {
  readonly control: Control<PlanDraft>;
  readonly name: 'mass' | 'thickest' | 'clock' | 'cookMinutes' | 'restMinutes';
  readonly label: string;
  readonly unit?: TypedUnit;
  readonly suffix?: string;
  readonly read: object | null;
  /** Not a number but a clock time. */
  readonly words?: boolean;
}

/** A field of the draft; its problem shows once it was filled in or left. */
function NumberField({ control, name, label, unit, suffix, read, words }: NumberFieldProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          label={label}
          unit={unit}
          suffix={suffix}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          numeric={!words}
          problem={
            read && 'problem' in read && (fieldState.isTouched || field.value !== '')
              ? String(read.problem)
              : undefined
          }
        />
      )}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
