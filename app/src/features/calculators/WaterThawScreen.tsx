import { waterRule } from '@omtel/core/guidance';
import { waterThaw } from '@omtel/core/kitchen';
import {
  formatCeiling,
  formatDuration,
  formatDurationUp,
  formatVolumeUp,
  massUnitOf,
  toKilograms,
} from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { TextLink } from '../../ui/TextLink';
import { Calculator, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = { readonly form: 'wholeBird' | 'flatPack'; readonly food: string };
const FRESH: Draft = { form: 'wholeBird', food: '' };

/** A thaw in cold water: how long, how many changes, how large a sink. */
export function WaterThawScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useAsked<Draft>('waterThaw', FRESH);
  const massUnit = massUnitOf(units);
  const { waterChange, waterMost, waterTemperature, cookAtOnce } = rules.thawing;
  const { out, problems } = workedOut({ food: draft.food }, units, ({ food }): Said => {
    const found = waterThaw(toKilograms({ value: food, unit: massUnit }), draft.form, rules);
    if (!found.allowed)
      return {
        said: 'Not in water',
        about: `It may take ${formatDurationUp(found.time.slowMs)}, and may lie there ${formatDuration(waterMost.value.ms)} at the longest. In the refrigerator, or in smaller pieces.`,
        edge: 'hot',
      };
    const water =
      found.changes === null
        ? 'Running water all the while.'
        : `Water changed ${found.changes === 1 ? 'once' : `${found.changes} times`}, every ${formatDuration(waterChange.value.ms)}: ${formatVolumeUp(found.fillLitres, units)} each time.`;
    return {
      said: `Up to ${formatDurationUp(found.time.slowMs)}`,
      about: `${water} A clean sink or tub of at least ${formatVolumeUp(found.sinkLitres, units)}.`,
    };
  });
  return (
    <Calculator
      title="Thaw in water"
      subtitle="How long, how many changes, how large a sink"
      result={out}
      asks="Say what it weighs."
      fields={
        <>
          <Choice
            label="What it is"
            value={draft.form}
            onChange={(form) => set({ form })}
            options={[
              { value: 'wholeBird', label: 'A whole bird' },
              { value: 'flatPack', label: 'A joint or a pack' },
            ]}
          />
          <Field
            label="Weight"
            value={draft.food}
            onChange={(food) => set({ food })}
            numeric
            unit={massUnit}
            problem={problems.food}
          />
        </>
      }
      beware={`In a leak-proof wrap, kept under with a plate, in water of at most ${formatCeiling(waterTemperature.value.at, units)}. Somebody stays there; never in hot water.`}
      notes={[
        `Cook it at once afterwards: within ${formatDuration(cookAtOnce.value.ms)}.`,
        'Rounded up to minutes and tenths. Fish in a pack without air: open the pack before, or at once after.',
        'Not for what is to be kept raw.',
      ]}
      rules={[waterRule(draft.form, rules), waterChange, waterMost]}
    >
      <TextLink href="/plan">Plan it back from a meal</TextLink>
    </Calculator>
  );
}
