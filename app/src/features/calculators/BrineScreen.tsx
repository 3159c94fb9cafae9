import { keepsUntil, percentOf, saltFor } from '@omtel/core/kitchen';
import { moment } from '@omtel/core/time';
import { DAY_MS, fromKilograms, massUnitOf, toKilograms, type UnitSystem } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Stepper } from '../../ui/Stepper';
import { Calculator, type Said } from './Calculator';
import { kindIn, RAW_KINDS, type RawKind } from './storageKinds';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly kind: RawKind;
  readonly days: number;
  readonly way: 'wet' | 'dry';
  readonly ask: 'salt' | 'strength';
  readonly food: string;
  readonly water: string;
  readonly percent: string;
  readonly salt: string;
};

const FRESH: Draft = {
  kind: 'poultryWhole',
  days: 0,
  way: 'wet',
  ask: 'salt',
  food: '',
  water: '',
  percent: '',
  salt: '',
};

/** It is asked about what was bought no longer ago. */
const MOST_DAYS = 14;

/** How much salt for a brine, a marinade or a dry salting, by weight; and how strong one is. */
export function BrineScreen() {
  const { rules, units, now, zone } = useKitchen();
  const [draft, set] = useAsked('brine', FRESH);
  const massUnit = massUnitOf(units);
  const { way, ask, food, water, percent, salt, days } = draft;
  const kind = kindIn(RAW_KINDS, draft.kind);
  const { refrigerator } = rules.storage[kind];
  const until = keepsUntil(refrigerator.value, now - days * DAY_MS, zone);
  const kg = (value: number) => toKilograms({ value, unit: massUnit });
  const of = way === 'wet' ? 'food and water' : 'the food';
  const told = (saltKg: number, strength: number): Said => ({
    said: ask === 'salt' ? `${saltWords(saltKg, units)} of salt` : `${strength.toFixed(1)} %`,
    about: `${Number(strength.toFixed(2))} % of the weight of ${of}.`,
  });
  const whole = { food, water: way === 'wet' ? water : '0' };
  const { out, problems } =
    ask === 'salt'
      ? workedOut({ ...whole, percent }, units, (typed) =>
          told(saltFor({ foodKg: kg(typed.food), waterKg: kg(typed.water) }, typed.percent), typed.percent),
        )
      : workedOut({ ...whole, salt }, units, (typed) => {
          const brine = { foodKg: kg(typed.food), waterKg: kg(typed.water) };
          const strength = percentOf(brine, typed.salt / 1000);
          return told(saltFor(brine, strength), strength);
        });
  const sentence: Partial<Record<string, string>> = problems;
  return (
    <Calculator
      title="Brine and salt"
      subtitle="By weight, since spoons of salt differ twofold"
      result={out}
      asks="Say what it weighs."
      fields={
        <>
          <Choice
            label="What is asked"
            value={ask}
            onChange={(next) => set({ ask: next })}
            options={[
              { value: 'salt', label: 'How much salt' },
              { value: 'strength', label: 'How strong it is' },
            ]}
          />
          <Choice
            label="How"
            value={way}
            onChange={(next) => set({ way: next })}
            options={[
              { value: 'wet', label: 'In water or a marinade' },
              { value: 'dry', label: 'Dry' },
            ]}
          />
          <Field
            label="Meat, fish or vegetables"
            value={food}
            onChange={(next) => set({ food: next })}
            numeric
            unit={massUnit}
            problem={sentence.food}
          />
          {way === 'wet' && (
            <Field
              label="Water"
              value={water}
              onChange={(next) => set({ water: next })}
              numeric
              unit={massUnit}
              problem={sentence.water}
              hint="A litre weighs a kilogram, a quart a little over two pounds."
            />
          )}
          {ask === 'salt' ? (
            <Field
              label="Strength"
              value={percent}
              onChange={(next) => set({ percent: next })}
              numeric
              suffix="%"
              problem={sentence.percent}
              hint="1 to 2 % seasons through; 5 % is for an hour or two."
            />
          ) : (
            <Field
              label="Salt"
              value={salt}
              onChange={(next) => set({ salt: next })}
              numeric
              suffix="g"
              problem={sentence.salt ?? sentence.percent}
            />
          )}
          <Choice
            label="What lies in it"
            value={kind}
            onChange={(next) => set({ kind: next })}
            options={RAW_KINDS}
          />
          <Stepper
            label="Days it was raw in the cold so far"
            value={days}
            min={0}
            max={MOST_DAYS}
            onChange={(next) => set({ days: next })}
          />
        </>
      }
      beware={`${
        until > now
          ? `On the heat by ${moment(until, now, zone)}: in brine its raw days go on.`
          : 'Its raw days are over: not into a brine, and not on the heat.'
      } In the refrigerator all the time, covered, in glass, steel or plastic. What lies in it is raw.`}
      notes={[
        'What is left of it counts as raw: throw it away, or boil it hard before it is eaten.',
        'Not a cure: it makes nothing keep longer, and what is cured to keep is another craft.',
        'What was thawed has the days after a thaw, which may be fewer: its own page counts them.',
        'Grams are to the nearest one.',
      ]}
      rules={[refrigerator, rules.bands.refrigerator]}
    />
  );
}

const saltWords = (saltKg: number, units: UnitSystem): string => {
  const grams = `${Math.round(saltKg * 1000)} g`;
  return units.mass === 'metric' ? grams : `${grams} (${fromKilograms(saltKg, 'oz').toFixed(1)} oz)`;
};
