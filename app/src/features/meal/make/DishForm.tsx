import type { Settings } from '@omtel/core/api';
import { leftUntil, massFor, portionsIn } from '@omtel/core/shopping';
import type { Method } from '@omtel/core/plan';
import { moment } from '@omtel/core/time';
import type { Eater } from '@omtel/core/table';
import type { FoodState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import { useEffect, useMemo } from 'react';
import { Controller, useForm, useWatch, type Control, type UseFormSetValue } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../../store/useKitchen';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Screen } from '../../../ui/Screen';
import { SwitchRow } from '../../../ui/SwitchRow';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { ForecastState, USUAL } from '../../forecast';
import { MethodList, PlanFields, usePlanning, useThaw, type PlanDraft } from '../../plan';
import { BuysFields } from './BuysFields';
import { WhoEats } from './WhoEats';
import {
  chosenOf,
  COURSES,
  readDish,
  sinceOfDish,
  type DishContext,
  type DishDraft,
  type DishFields,
  type HeatedAt,
} from './dishDraft';

interface DishFormProps {
  readonly dish: DishDraft;
  readonly stored: FoodState | null;
  readonly context: DishContext;
  readonly table: { readonly people: number; readonly smallEaters: number };
  /** Those at the table who eat of the meal. */
  readonly eaters: readonly Eater[];
  /** The day and the time of the meal, as they were typed. */
  readonly when: Pick<PlanDraft, 'daysAhead' | 'clock'>;
  readonly onChange: (fields: DishFields) => void;
  readonly onRemove: () => void;
  readonly onDone: () => void;
}

const PLACES: readonly { readonly value: HeatedAt; readonly label: string }[] = [
  { value: 'oven', label: 'Oven' },
  { value: 'hob', label: 'Hob' },
  { value: 'microwave', label: 'Microwave' },
  { value: 'grill', label: 'Grill' },
  { value: 'slowCooker', label: 'Slow cooker' },
];

interface HeldAt {
  readonly value: DishFields['heldAt'];
  readonly label: string;
  readonly has: (kitchen: Settings['kitchen']) => boolean;
}

const HELD: readonly HeldAt[] = [
  { value: 'out', label: 'It is not', has: () => true },
  { value: 'warm', label: 'Warm drawer', has: ({ warm }) => warm > 0 },
  { value: 'oven', label: 'Warm oven', has: ({ ovens }) => ovens.length > 0 },
  { value: 'hob', label: 'On the hob', has: ({ rings }) => rings > 0 },
];

const COMES = COURSES.map((value) => ({
  value,
  label: value === '0' ? 'With the rest' : `${value} min later`,
}));

/** One dish of a meal: how much of it, how it is thawed and heated, and what it asks of hands. */
export function DishForm({
  dish,
  stored,
  context,
  table,
  eaters,
  when,
  onChange,
  onRemove,
  onDone,
}: DishFormProps) {
  const { control, setValue } = useForm<DishFields>({ mode: 'onTouched', defaultValues: dish.fields });
  const fields = useWatch({ control }) as DishFields;
  const said = JSON.stringify(fields);
  useEffect(() => onChange(JSON.parse(said) as DishFields), [said, onChange]);
  const read = readDish({ ...dish, fields }, stored, context);
  const problems = 'problems' in read ? read.problems : {};
  const number = (name: NumberName, label: string, hint?: string) => (
    <DishNumber control={control} name={name} label={label} hint={hint} problem={problems[name]} />
  );
  const heated = dish.kind !== 'cold';
  const { kitchen } = useKitchen().settings;
  const held = HELD.filter(({ has }) => has(kitchen));
  return (
    <Screen
      title={dish.name}
      subtitle={KIND_WORDS[dish.kind]}
      rules
      foot={<Button kind="main" grow label="Done" onPress={onDone} />}
    >
      {dish.kind === 'cooked' && (
        <RawFields
          dish={dish}
          stored={stored}
          fields={fields}
          when={when}
          context={context}
          control={control}
          setValue={setValue}
          table={table}
        />
      )}
      {heated && (
        <Choice
          label="Where it is heated"
          value={fields.at}
          onChange={(at) => setValue('at', at)}
          options={PLACES.filter(
            ({ value }) => value !== 'slowCooker' || kitchen.slowCooker || fields.at === value,
          )}
        />
      )}
      {heated && (
        <View style={styles.row}>
          {dish.kind !== 'cooked' && number('cookMinutes', 'On the heat, min')}
          {fields.at === 'oven' && <Degrees control={control} problem={problems.degrees} />}
          {fields.at !== 'oven' && number('everyMinutes', 'Stir every, min', 'Empty: not at all.')}
        </View>
      )}
      <View style={styles.row}>
        {dish.kind === 'cooked' && number('marinateHours', 'Marinade, h', 'Empty: none.')}
        {number('prepareMinutes', 'Prepare, min')}
        {number('finishMinutes', 'Finish, min')}
        {number('waitsMinutes', 'Can wait, min')}
      </View>
      {heated && (
        <Choice
          label="Kept hot for the table"
          value={fields.heldAt}
          onChange={(heldAt) => setValue('heldAt', heldAt)}
          options={held}
        />
      )}
      <Choice
        label="Comes to the table"
        value={fields.afterMinutes}
        onChange={(after) => setValue('afterMinutes', after)}
        options={COMES}
      />
      {dish.kind === 'reheated' ? (
        <Words tone="soft">Heated once more and no more: what is left of it is not kept.</Words>
      ) : (
        <SwitchRow
          label="What is left is put away"
          value={fields.keeps}
          onChange={(keeps) => setValue('keeps', keeps)}
        />
      )}
      <WhoEats
        table={eaters}
        without={fields.without ?? []}
        onChange={(without) => setValue('without', without)}
      />
      <BuysFields control={control} fields={fields} problem={problems.buys} />
      <View style={styles.row}>
        <Button kind="plain" label="Not this dish" onPress={onRemove} />
      </View>
    </Screen>
  );
}

const KIND_WORDS: Record<DishDraft['kind'], string> = {
  cooked: 'Cooked for this meal',
  reheated: 'Cooked before, heated through',
  plain: 'Cooked, with nothing raw in it',
  cold: 'Eaten cold',
};

interface RawFieldsProps {
  readonly dish: DishDraft;
  readonly stored: FoodState | null;
  readonly fields: DishFields;
  readonly when: DishFormProps['when'];
  readonly context: DishContext;
  readonly control: Control<DishFields>;
  readonly setValue: UseFormSetValue<DishFields>;
  readonly table: DishFormProps['table'];
}

/** How much of raw food, in what state, and the ways to thaw it, compared as for a plan of one food. */
function RawFields({ dish, stored, fields, when, context, control, setValue, table }: RawFieldsProps) {
  const { guidedBy } = context;
  const chosen = useMemo(() => chosenOf(dish, stored, guidedBy), [dish, stored, guidedBy]);
  const draft: PlanDraft = { ...fields, ...when };
  const thaw = useThaw(chosen, draft, USUAL);
  const since = sinceOfDish({ ...dish, fields }, stored, context);
  const planning = usePlanning(chosen, draft, thaw.computed, since);
  const plans = planning.plans ?? [];
  const best =
    plans.find(({ method }) => method === fields.method) ?? plans.find(({ feasible }) => feasible) ?? null;
  return (
    <>
      <PlanFields
        chosen={chosen}
        draft={draft}
        read={planning.read}
        control={control as unknown as Control<PlanDraft>}
        setValue={setValue as unknown as UseFormSetValue<PlanDraft>}
        ofMeal
      />
      <Serves
        fields={fields}
        chosen={chosen}
        serveAt={context.serveAt}
        table={table}
        massKg={'massKg' in planning.read.mass ? planning.read.mass.massKg : null}
      />
      {thaw.subject && <ForecastState what="Computing how it thaws" forecast={thaw.forecast} />}
      {plans.length > 0 && (
        <MethodList
          plans={plans}
          chosen={best?.method ?? null}
          onChoose={(method: Method) => setValue('method', method)}
        />
      )}
    </>
  );
}

/** What a table eats of it by the chart, and what a weight leaves. */
function Serves({
  fields: { form },
  chosen: { food, parts, guidedBy },
  serveAt,
  table,
  massKg,
}: {
  readonly fields: DishFields;
  readonly chosen: ReturnType<typeof chosenOf>;
  readonly serveAt: number;
  readonly table: DishFormProps['table'];
  readonly massKg: number | null;
}) {
  const { units, rules, now, zone } = useKitchen({ guidedBy });
  const asked = massFor(table, form, rules);
  if (!asked) return null;
  const served = massKg === null ? null : portionsIn(massKg, table, form, rules);
  const until = leftUntil({ foodKey: food.id, parts }, serveAt, zone, rules);
  const eaten = Number.isFinite(until) ? `, to be eaten or frozen by ${moment(until, now, zone)}` : '';
  const left =
    served && served.leftKg[1] > 0 ? ` Leaves up to ${formatMass(served.leftKg[1], units)}${eaten}.` : '';
  const short = massKg !== null && massKg < asked.lowKg ? ' That is less than a light hand serves.' : '';
  return (
    <Words tone="soft">
      {`For ${table.people} the chart says ${formatMass(asked.lowKg, units)} to ${formatMass(asked.highKg, units)}.${left}${short}`}
    </Words>
  );
}

type NumberName =
  'marinateHours' | 'cookMinutes' | 'prepareMinutes' | 'finishMinutes' | 'waitsMinutes' | 'everyMinutes';

interface DishNumberProps {
  readonly control: Control<DishFields>;
  readonly name: NumberName;
  readonly label: string;
  readonly hint: string | undefined;
  readonly problem: string | undefined;
}

function DishNumber({ control, name, label, hint, problem }: DishNumberProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Field
          label={label}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          numeric
          hint={hint}
          problem={problem}
        />
      )}
    />
  );
}

function Degrees({
  control,
  problem,
}: {
  readonly control: Control<DishFields>;
  readonly problem: string | undefined;
}) {
  const { units } = useKitchen();
  return (
    <Controller
      control={control}
      name="degrees"
      render={({ field }) => (
        <Field
          label={`Oven at, °${units.temperature}`}
          unit={`°${units.temperature}`}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          numeric
          problem={problem}
        />
      )}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
});
