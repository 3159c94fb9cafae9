import { inSamePot, potFor, timesOf } from '@omtel/core/kitchen';
import { formatLength, formatMostLength, lengthUnitOf, toMetres } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { Calculator, Pair, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly written: string;
  readonly eaters: string;
  readonly amount: string;
  readonly pot: string;
  readonly depth: string;
};

const FRESH: Draft = { written: '', eaters: '', amount: '', pot: '', depth: '' };

/** A dish for more or fewer, with what does not grow with it. */
export function ScaleScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useAsked<Draft>('scale', FRESH);
  const lengthUnit = lengthUnitOf(units);
  const { written, eaters, amount } = draft;
  const { out: times, problems } = workedOut({ written, eaters }, units, (typed) =>
    timesOf(typed.written, typed.eaters),
  );
  const m = (value: number) => toMetres({ value, unit: lengthUnit });
  const each = (name: 'amount' | 'pot' | 'depth', words: (typed: number, n: number) => string) =>
    workedOut({ [name]: draft[name] } as Record<typeof name, string>, units, (typed) =>
      times === null ? null : words(typed[name], times),
    );
  const most = rules.cooling.depth.value.most;
  const lines = {
    amount: each('amount', (typed, n) => `${amount.trim()} becomes ${rounded(typed * n)}.`),
    pot: each(
      'pot',
      (typed, n) =>
        `A pot or tin of ${formatLength(m(typed), units)} becomes one of ${formatLength(potFor(m(typed), n), units)}, and the dish stands as deep as before.`,
    ),
    depth: each('depth', (typed, n) => {
      const { depthM, coolsTimes } = inSamePot(m(typed), n);
      const tooDeep = depthM > toMetres(most);
      return `In the same pot it stands ${formatLength(depthM, units)} deep and takes ${rounded(coolsTimes)} times as long to cool.${tooDeep ? ` Cool it in what leaves it at most ${formatMostLength(most, units)} deep.` : ''}`;
    }),
  };
  const result: Said | null = times === null ? null : { said: `× ${rounded(times)}` };
  const field = (name: keyof Draft, label: string, problem?: string, hint?: string) => (
    <Field
      label={label}
      value={draft[name]}
      onChange={(next) => set({ [name]: next })}
      numeric
      unit={name === 'pot' || name === 'depth' ? lengthUnit : undefined}
      problem={problem}
      hint={hint}
    />
  );
  return (
    <Calculator
      title="A dish for more or fewer"
      subtitle="What grows with it, and what does not"
      result={result}
      asks="Say for how many it is written, and for how many it is to be."
      fields={
        <>
          <Pair>
            {field('written', 'Written for', problems.written)}
            {field('eaters', 'To be for', problems.eaters)}
          </Pair>
          {field(
            'amount',
            'An amount in it',
            lines.amount.problems.amount,
            'In whatever it is measured out.',
          )}
          <Pair>
            {field('pot', 'Its pot, across', lines.pot.problems.pot)}
            {field('depth', 'How deep in it', lines.depth.problems.depth)}
          </Pair>
        </>
      }
      notes={[
        'The heat of the oven and the target inside stay as they are. Pieces of one size take the time they took, as long as there is air between them.',
        'A joint or a loaf twice as heavy does not take twice as long, nor as long: plan it by its own weight.',
        'Salt, spice and what thickens: begin with less, and taste with a clean spoon.',
        'Figures are to the nearest hundredth.',
      ]}
      rules={[rules.cooling.depth]}
    >
      {[lines.amount.out, lines.pot.out, lines.depth.out].map(
        (line) => line && <Words key={line}>{line}</Words>,
      )}
    </Calculator>
  );
}

const rounded = (value: number): string => String(Number(value.toFixed(2)));
