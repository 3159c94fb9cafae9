import type { RuleSet } from '@omtel/core/guidance';
import { describeValue } from '@omtel/core/guidance';
import { inTubs, keptFor, tubsOf } from '@omtel/core/kitchen';
import { dayName } from '@omtel/core/time';
import { capital, DAY_MS } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/Words';
import { Calculator, Pair, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

/** What is cooked in batches, and what it is called there. */
const KINDS = [
  { value: 'soupsStews', label: 'Soup, stew, casserole' },
  { value: 'cookedMeat', label: 'Meat, poultry, fish' },
  { value: 'cookedRice', label: 'Rice' },
  { value: 'cookedGrains', label: 'Grains, pasta, pulses' },
  { value: 'cookedVegetables', label: 'Vegetables' },
  { value: 'gravyBroth', label: 'Gravy, broth' },
] as const satisfies readonly { value: keyof RuleSet['storage']; label: string }[];

type Draft = {
  readonly kind: (typeof KINDS)[number]['value'];
  readonly portions: string;
  readonly aMeal: string;
  readonly every: number;
  readonly aTub: string;
};

const FRESH: Draft = { kind: 'soupsStews', portions: '', aMeal: '2', every: 1, aTub: '2' };
const MOST_DAYS = 7;

/** How much of a batch is eaten in its days, and how many tubs go into the freezer today. */
export function TubsScreen() {
  const { rules, units, now, zone } = useKitchen();
  const [draft, set] = useAsked<Draft>('tubs', FRESH);
  const { portions, aMeal, aTub, every } = draft;
  const kind = KINDS.find(({ value }) => value === draft.kind)?.value ?? FRESH.kind;
  const { refrigerator, freezer } = rules.storage[kind];
  const keepsMs = keptFor(refrigerator.value);
  const { out, problems } = workedOut({ portions, aMeal, aTub }, (typed) => {
    const found = tubsOf({ portions: typed.portions, aMeal: typed.aMeal, everyMs: every * DAY_MS, keepsMs });
    return { ...found, ...inTubs(found.freeze, typed.aTub), full: typed.aTub };
  });
  const field = (name: 'portions' | 'aMeal' | 'aTub', label: string) => (
    <Field
      label={label}
      value={draft[name]}
      onChange={(next) => set({ [name]: next })}
      numeric
      problem={problems[name]}
    />
  );
  const result: Said | null = out && {
    said: out.freeze === 0 ? 'Freeze none' : `Freeze ${out.tubs} ${out.tubs === 1 ? 'tub' : 'tubs'} today`,
    about: `${few(out.keep)} in the refrigerator, ${few(out.freeze)} in the freezer${out.freeze > 0 && out.last < out.full ? `, the last tub with ${few(out.last)}` : ''}.`,
  };
  return (
    <Calculator
      title="How many tubs to freeze"
      subtitle="What is eaten in its days stays, the rest is frozen"
      result={result}
      asks="Say how many portions there are."
      fields={
        <>
          <Choice label="What it is" value={kind} onChange={(next) => set({ kind: next })} options={KINDS} />
          {field('portions', 'Portions there are')}
          <Pair>
            {field('aMeal', 'At a meal')}
            {field('aTub', 'In a tub')}
          </Pair>
          <Stepper
            label="A meal of it every … days"
            value={every}
            min={1}
            max={MOST_DAYS}
            onChange={(next) => set({ every: next })}
          />
        </>
      }
      notes={[
        `Counted from when it was cooked, as if that were now: ${describeValue(refrigerator.value, units)} in the refrigerator; in the freezer, for quality, ${describeValue(freezer.value, units)}.`,
        'Cool it first, in shallow tubs, each with its label; thaw in the refrigerator, heat once.',
        'Not for what was out: its own page knows how long it still keeps.',
      ]}
      rules={[refrigerator, freezer]}
    >
      {out && (
        <Rows title="Eaten from the refrigerator">
          {out.meals.map(({ afterMs, portions: eaten }) => (
            <Words key={afterMs}>{`${capital(dayName(now + afterMs, now, zone))}: ${few(eaten)}`}</Words>
          ))}
        </Rows>
      )}
    </Calculator>
  );
}

const few = (portions: number): string =>
  `${Number(portions.toFixed(1))} ${portions === 1 ? 'portion' : 'portions'}`;
