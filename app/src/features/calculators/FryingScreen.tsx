import { oilMark, riseOf } from '@omtel/core/kitchen';
import {
  formatCeiling,
  fromLitres,
  fromMetres,
  lengthUnitOf,
  massUnitOf,
  toKilograms,
  toMetres,
  volumeUnitOf,
} from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { TextLink } from '../../ui/TextLink';
import { Words } from '../../ui/Words';
import { Calculator, Pair, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly state: 'dry' | 'icy' | 'unknown';
  readonly by: 'weight' | 'water';
  readonly width: string;
  readonly height: string;
  readonly food: string;
  readonly rise: string;
};

const FRESH: Draft = { state: 'unknown', by: 'weight', width: '', height: '', food: '', rise: '' };

/** How high oil may stand in a pot before a bird or a joint goes in. */
export function FryingScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useAsked<Draft>('frying', FRESH);
  const [massUnit, lengthUnit] = [massUnitOf(units), lengthUnitOf(units)];
  const m = (value: number) => toMetres({ value, unit: lengthUnit });
  const { state, by, width, height } = draft;
  const { out, problems } = workedOut(
    { width, height, food: by === 'weight' ? draft.food : draft.rise },
    units,
    (typed): Said => {
      const pot = { diameterM: m(typed.width), heightM: m(typed.height) };
      const rise =
        by === 'weight' ? riseOf(toKilograms({ value: typed.food, unit: massUnit }), pot) : m(typed.food);
      const { markM, oilLitres } = oilMark(pot, rise, rules);
      const down = (value: number) => Math.floor(value * 10 + 1e-9) / 10;
      const volumeUnit = volumeUnitOf(units);
      return {
        said: `At most ${down(fromMetres(markM, lengthUnit))} ${lengthUnit} of cold oil`,
        about: `${down(fromLitres(oilLitres, volumeUnit))} ${volumeUnit}. Hot, and with the food in it, the rim stays free.`,
      };
    },
  );
  const refused: Said = {
    said: 'Not into oil',
    about:
      'Ice and water turn to steam at once and throw burning oil out of the pot. Thaw it through, dry it inside and out, and look again.',
    edge: 'hot',
  };
  const result = state === 'icy' ? refused : state === 'dry' ? out : null;
  const field = (
    name: 'width' | 'height' | 'food' | 'rise',
    label: string,
    at: keyof typeof problems,
    hint?: string,
  ) => (
    <Field
      label={label}
      value={draft[name]}
      onChange={(next) => set({ [name]: next })}
      numeric
      unit={name === 'food' ? massUnit : lengthUnit}
      problem={problems[at]}
      hint={hint}
    />
  );
  return (
    <Calculator
      title="Frying in a pot"
      subtitle="How much oil for a whole bird or a joint"
      result={result}
      asks={state === 'unknown' ? 'Say first whether it is thawed and dry.' : 'Measure the pot.'}
      fields={
        <>
          <Choice
            label="The bird or joint is"
            value={state}
            onChange={(next) => set({ state: next })}
            options={[
              { value: 'dry', label: 'Thawed and dry' },
              { value: 'icy', label: 'Icy or wet' },
              { value: 'unknown', label: 'Not looked at' },
            ]}
          />
          <Pair>
            {field('width', 'Pot, across inside', 'width')}
            {field('height', 'Pot, high inside', 'height')}
          </Pair>
          <Choice
            label="Known of the food"
            value={by}
            onChange={(next) => set({ by: next })}
            options={[
              { value: 'weight', label: 'Its weight' },
              { value: 'water', label: 'How far it lifts water' },
            ]}
          />
          {by === 'weight'
            ? field('food', 'Weight', 'food')
            : field('rise', 'Water rises by', 'food', 'Wrapped, under water in this pot; then dry both.')}
        </>
      }
      beware="Outdoors, on level ground, away from walls and roofs, children and pets away, and somebody beside it all the time."
      notes={[
        `Oil at most ${formatCeiling(rules.frying.oil.value.at, units)}; the heat is off while the food goes in and comes out.`,
        'Lengths and volumes are rounded down. Oil swells by an eighth until it is hot, and that is reckoned in.',
        'Not for a stuffed bird, and not for how long: it is done when its places read so.',
      ]}
      rules={[rules.frying.rim, rules.frying.oil]}
    >
      <Words face="strong" tone="hot">
        Burning grease: lid on, heat off, baking soda or an extinguisher (pull, aim, squeeze, sweep). Never
        water, never flour.
      </Words>
      <TextLink href="/guide/practice">Burns, cuts, lifting</TextLink>
    </Calculator>
  );
}
