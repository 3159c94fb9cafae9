import { formById, type FormId } from '@omtel/core/foods';
import { compareMethods, type Condition, type Method, type MethodPlan } from '@omtel/core/plan';
import { dayName, atClock } from '@omtel/core/time';
import { formatDuration, MINUTE_MS } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { newEvent, record } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { UnitSwitch } from '../shell/UnitSwitch';
import {
  chartTime,
  draftFor,
  readMass,
  readMinutes,
  readServeAt,
  type ChosenFood,
  type PlanDraft,
} from './draft';
import { MethodList } from './MethodList';

const CONDITIONS: { value: Condition; label: string }[] = [
  { value: 'frozen', label: 'Frozen' },
  { value: 'thawed', label: 'Thawed' },
  { value: 'fresh', label: 'Fresh' },
];
const DAYS_OFFERED = 7;

interface PlanFormProps {
  readonly chosen: ChosenFood;
  readonly onChangeFood: () => void;
}

/** How much, when, how long; and the ways that follow from it, compared as it is typed. */
export function PlanForm({ chosen, onChangeFood }: PlanFormProps) {
  const { food, stored } = chosen;
  const { now, zone, units, rules, settings } = useKitchen();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { control, setValue, formState } = useForm<PlanDraft>({
    mode: 'onTouched',
    defaultValues: draftFor(chosen, units.mass === 'metric' ? 'kg' : 'lb', rules),
  });
  const [method, setMethod] = useState<Method | null>(null);
  const draft = useWatch({ control }) as PlanDraft;

  const mass = readMass(draft.mass, draft.massUnit, units);
  const massKg = 'massKg' in mass ? mass.massKg : null;
  const serve = readServeAt(draft.daysAhead, draft.clock, now, zone);
  const chart = chartTime(food, massKg, rules);
  const ownCook = draft.cookMinutes.trim() === '' ? null : readMinutes(draft.cookMinutes, 1);
  const rest = readMinutes(draft.restMinutes, 0);
  const cook = ownCook
    ? 'ms' in ownCook
      ? { fastMs: ownCook.ms, slowMs: ownCook.ms }
      : null
    : chart && { fastMs: chart.fastMs, slowMs: chart.slowMs };

  // The minute is fine enough: the comparison need not follow every tick of the clock.
  const minute = Math.floor(now / MINUTE_MS) * MINUTE_MS;
  const serveAt = 'serveAt' in serve ? serve.serveAt : null;
  const restMs = 'ms' in rest ? rest.ms : null;
  const plans = useMemo<readonly MethodPlan[] | null>(() => {
    if (massKg === null || serveAt === null || restMs === null || !cook) return null;
    return compareMethods({
      food,
      form: draft.form,
      massKg,
      condition: draft.condition,
      since: stored
        ? draft.condition === 'thawed'
          ? (stored.thaw?.thawedAt ?? null)
          : stored.daysFrom
        : minute,
      serveAt,
      cook,
      restMs,
      availability: settings.availability,
      now: minute,
      zone,
      rules,
    });
    // `cook` is made anew on every render; its two numbers are what counts.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [
    food,
    stored,
    draft.form,
    draft.condition,
    massKg,
    serveAt,
    cook?.fastMs,
    cook?.slowMs,
    restMs,
    settings.availability,
    minute,
    zone,
    rules,
  ]);

  const best =
    plans?.find((plan) => plan.feasible && plan.method === method) ??
    plans?.find(({ feasible }) => feasible) ??
    null;

  const accept = async () => {
    if (!best?.window || massKg === null || serveAt === null || restMs === null || !cook) return;
    const foodId = stored?.foodId ?? uuid();
    const planned = newEvent(foodId, now, 'planned', {
      method: best.method,
      serveAt,
      cookFastMs: Math.round(cook.fastMs),
      cookSlowMs: Math.round(cook.slowMs),
      restMs,
      startFrom: Math.round(best.window.from),
      startBy: Math.round(best.window.to),
    });
    const { condition } = draft;
    const added = newEvent(foodId, now, 'added', {
      foodKey: food.id,
      name: food.name,
      massKg,
      form: draft.form,
      condition,
      place: condition === 'frozen' ? 'freezer' : 'refrigerator',
      since: Math.round(now),
    });
    await dispatch(record(...(stored ? [] : [added]), planned));
    router.replace('/now');
  };

  const problem = (name: keyof PlanDraft, found: object) =>
    formState.touchedFields[name] || draft[name] !== ''
      ? 'problem' in found
        ? String(found.problem)
        : undefined
      : undefined;
  const text = (
    name: 'mass' | 'clock' | 'cookMinutes' | 'restMinutes',
    label: string,
    found: object,
    extra: { suffix?: string; hint?: string; numeric?: boolean } = {},
  ) => (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Field
          label={label}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          problem={problem(name, found)}
          {...extra}
        />
      )}
    />
  );

  return (
    <Screen
      title={stored?.name ?? food.name}
      subtitle="New plan"
      backTo="/plan"
      aside={<UnitSwitch />}
      rules
      foot={
        <Button
          kind="main"
          grow
          disabled={!best}
          label={best ? 'Plan it this way' : 'No way is left'}
          onPress={() => void accept()}
        />
      }
    >
      <View style={styles.pair}>
        {text('mass', 'Weight', mass, { numeric: true })}
        <View style={styles.units}>
          <Choice
            label="Unit of weight"
            quiet
            value={draft.massUnit}
            onChange={(unit) => setValue('massUnit', unit)}
            options={
              units.mass === 'metric'
                ? [
                    { value: 'kg', label: 'kg' },
                    { value: 'lb', label: 'lb' },
                  ]
                : [
                    { value: 'lb', label: 'lb' },
                    { value: 'kg', label: 'kg' },
                  ]
            }
          />
        </View>
      </View>
      {!stored && (
        <Choice
          label="It is"
          options={CONDITIONS}
          value={draft.condition}
          onChange={(condition) => setValue('condition', condition)}
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
      <Choice
        label="On the table"
        value={draft.daysAhead}
        onChange={(days) => setValue('daysAhead', days)}
        options={Array.from({ length: DAYS_OFFERED }, (_, days) => ({
          value: String(days),
          label: dayName(atClock(now, days, { hour: 12, minute: 0 }, zone), now, zone).replace(
            /^./,
            (first) => first.toUpperCase(),
          ),
        }))}
      />
      <View style={styles.pair}>
        {text('clock', 'At', serve, { hint: 'Such as 19:00' })}
        {text('cookMinutes', 'Cooking', ownCook ?? {}, {
          suffix: 'min',
          numeric: true,
          hint: chart
            ? `By the chart ${formatDuration(chart.fastMs)} to ${formatDuration(chart.slowMs)}`
            : 'How long does it take?',
        })}
        {text('restMinutes', 'Rest', rest, { suffix: 'min', numeric: true })}
      </View>
      {chart?.outsideChart && draft.cookMinutes === '' && (
        <Words tone="soft">
          The chart does not reach this weight; the time is carried on from its nearest row. Your own time is
          better.
        </Words>
      )}
      {plans ? (
        <MethodList plans={plans} chosen={best?.method ?? null} onChoose={setMethod} />
      ) : (
        <Words tone="soft">Fill in what is missing to see the ways.</Words>
      )}
      <View style={styles.change}>
        <Button kind="plain" label="Another food" onPress={onChangeFood} />
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
  units: { paddingTop: 28 },
  change: { alignItems: 'flex-start' },
});
