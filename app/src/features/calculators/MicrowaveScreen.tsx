import { microwaveTime } from '@omtel/core/kitchen';
import { describeValue } from '@omtel/core/guidance';
import { formatDuration, formatHold, MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Calculator, Pair, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly use: 'reheat' | 'thaw';
  readonly minutes: string;
  readonly chart: string;
  readonly own: string;
};

const FRESH: Draft = { use: 'reheat', minutes: '', chart: '', own: '' };
const STEP_MS = 5 * SECOND_MS;

/** How long in this microwave oven, from a chart for another. */
export function MicrowaveScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useAsked<Draft>('microwave', FRESH);
  const { use, minutes, chart, own } = draft;
  const { out, problems } = workedOut({ minutes, chart, own }, units, (typed): Said => {
    const ms = Math.ceil(microwaveTime(typed.minutes * MINUTE_MS, typed.chart, typed.own) / STEP_MS - 1e-9);
    return {
      said: formatHold(ms * STEP_MS),
      about:
        use === 'reheat'
          ? `Stir or turn it half-way. Then stand ${formatDuration(rules.reheating.stand.value.ms)} covered, and read several places: ${describeValue(rules.reheating.target.value, units)}.`
          : `Turn it, part what has come loose. Then cook it at once, within ${formatDuration(rules.thawing.cookAtOnce.value.ms)}.`,
    };
  });
  const field = (name: 'minutes' | 'chart' | 'own', label: string, suffix: string, hint?: string) => (
    <Field
      label={label}
      value={draft[name]}
      onChange={(next) => set({ [name]: next })}
      numeric
      suffix={suffix}
      problem={problems[name]}
      hint={hint}
    />
  );
  return (
    <Calculator
      title="Microwave"
      subtitle="A chart’s time, at the watts of this oven"
      result={out}
      asks="Say what the chart says, and both watts."
      fields={
        <>
          <Choice
            label="What for"
            value={use}
            onChange={(next) => set({ use: next })}
            options={[
              { value: 'reheat', label: 'To heat again' },
              { value: 'thaw', label: 'To thaw' },
            ]}
          />
          {field('minutes', 'The chart’s time', 'min')}
          <Pair>
            {field('chart', 'The chart’s oven', 'W')}
            {field('own', 'This oven', 'W', 'On its back or in its door; at a lower setting, its share.')}
          </Pair>
        </>
      }
      beware="Covered, in what is made for it, no metal."
      notes={[
        'Rounded up to 5 seconds. The maker’s own directions come first.',
        'Not a proof: a microwave leaves cold places, and the probe says.',
      ]}
      rules={
        use === 'reheat'
          ? [rules.reheating.target, rules.reheating.stand, rules.cooking.microwave]
          : [rules.thawing.cookAtOnce, rules.cooking.microwave]
      }
    />
  );
}
