import { iceFor } from '@omtel/core/kitchen';
import { formatMass, massUnitOf, toCelsius, toKilograms } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';
import { Calculator, Pair, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly food: string;
  readonly from: string;
  readonly to: string;
  readonly water: string;
  readonly tap: string;
};

const WEIGHS = 'A litre is a kilogram, a quart two pounds.';

/** How much ice a pot wants to be cold. */
export function IceBathScreen() {
  const { rules, units } = useKitchen();
  const metric = units.temperature === 'C';
  const [draft, set] = useAsked<Draft>('iceBath', {
    food: '',
    from: metric ? '60' : '140',
    to: metric ? '5' : '41',
    water: '',
    tap: metric ? '15' : '59',
  });
  const massUnit = massUnitOf(units);
  const degrees = `°${units.temperature}` as const;
  const kg = (value: number) => toKilograms({ value, unit: massUnit });
  const c = (value: number) => toCelsius({ value, unit: units.temperature });
  const { out, problems } = workedOut(draft, units, ({ food, from, to, water, tap }): Said => {
    const { meltsKg, haveKg } = iceFor(
      { foodKg: kg(food), fromC: c(from), waterKg: kg(water), waterC: c(tap) },
      c(to),
    );
    if (meltsKg === 0) return { said: 'No ice: the water is enough' };
    return {
      said: `${formatMass(haveKg, units)} of ice`,
      about: `${formatMass(meltsKg, units)} of it melts in any case; the rest keeps the bath cold.`,
    };
  });
  const field = (name: keyof Draft, label: string, unit: typeof massUnit | typeof degrees, hint?: string) => (
    <Field
      label={label}
      value={draft[name]}
      onChange={(next) => set({ [name]: next })}
      numeric
      unit={unit}
      problem={problems[name]}
      hint={hint}
    />
  );
  return (
    <Calculator
      title="Ice bath"
      subtitle="How much ice this pot wants"
      result={out}
      asks="Say how much there is, and how much water it stands in."
      fields={
        <>
          {field('food', 'Food in the pot', massUnit)}
          <Pair>
            {field('from', 'It is at', degrees)}
            {field('to', 'Down to', degrees)}
          </Pair>
          <Pair>
            {field('water', 'Water around it', massUnit, WEIGHS)}
            {field('tap', 'The tap’s water', degrees)}
          </Pair>
        </>
      }
      beware="Ice and water as high outside as the food stands inside. Stir it, and read it: a deep pot is cold at its side and hot in its middle."
      notes={[
        'Divide it first: half as deep cools in a quarter of the time.',
        'Not for how long it takes: that goes by its depth and is forecast where the food cools.',
        'The food is taken for water, which holds the most heat; half as much again for the pot and the air.',
      ]}
      rules={[rules.cooling.firstMark, rules.cooling.secondMark]}
    />
  );
}
