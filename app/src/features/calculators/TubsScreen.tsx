import { storageOf } from '@omtel/core/clocks';
import { describeValue } from '@omtel/core/guidance';
import { batchesAtHand, shownAs } from '@omtel/core/judge';
import { inTubs, keptFor, tubsOf } from '@omtel/core/kitchen';
import { dayName, moment } from '@omtel/core/time';
import { rulesOfFood } from '@omtel/core/trail';
import { capital, DAY_MS } from '@omtel/core/units';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/Words';
import { Calculator, Pair, type Said } from './Calculator';
import { FreezeTubs } from './FreezeTubs';
import { BATCH_KINDS, kindIn, type BatchKind } from './storageKinds';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly kind: BatchKind;
  readonly portions: string;
  readonly aMeal: string;
  readonly every: number;
  readonly aTub: string;
};

const FRESH: Draft = { kind: 'soupsStews', portions: '', aMeal: '2', every: 1, aTub: '2' };
const MOST_DAYS = 7;
/** No batch at hand in particular. */
const ANY = 'any';

/** How much of a batch is eaten in its days, and how many tubs go into the freezer today; of one at hand, parted and labelled. */
export function TubsScreen() {
  const { food: asked = ANY } = useLocalSearchParams<{ food?: string }>();
  const kitchen = useKitchen();
  const { rules, units, now, zone } = kitchen;
  const { data } = useFoods();
  const batches = batchesAtHand(
    (data?.foods ?? []).map((told) => shownAs(told, kitchen)),
    kitchen,
  );
  const [draft, set] = useAsked<Draft>('tubs', FRESH);
  const [of, setOf] = useState({ foodId: asked, portions: null as string | null });
  const batch = batches.find(({ food }) => food.foodId === of.foodId);
  const { aMeal, aTub, every } = draft;
  // What was counted as it was put away is so on its labels and its page; it is asked where nobody counted.
  const counted = batch?.food.container?.portions ?? null;
  const portions = counted !== null ? String(counted) : batch ? (of.portions ?? '') : draft.portions;
  const kind = kindIn(BATCH_KINDS, draft.kind);
  const { refrigerator, freezer } =
    (batch && storageOf(batch.food, rulesOfFood(batch.food, kitchen.guidance))) ?? rules.storage[kind];
  const keepsMs = batch?.keepsMs ?? keptFor(refrigerator.value);
  const { out, problems } = workedOut({ portions, aMeal, aTub }, units, (typed) => {
    const found = tubsOf({ portions: typed.portions, aMeal: typed.aMeal, everyMs: every * DAY_MS, keepsMs });
    return { ...found, ...inTubs(found.freeze, typed.aTub), aTub: typed.aTub };
  });
  const field = (name: 'portions' | 'aMeal' | 'aTub', label: string) => (
    <Field
      label={label}
      value={name === 'portions' ? portions : draft[name]}
      onChange={(next) =>
        name === 'portions' && batch ? setOf({ ...of, portions: next }) : set({ [name]: next })
      }
      numeric
      problem={problems[name]}
    />
  );
  const result: Said | null = out && {
    said: out.freeze === 0 ? 'Freeze none' : `Freeze ${out.tubs} ${out.tubs === 1 ? 'tub' : 'tubs'} today`,
    about: `${few(out.keep)} in the refrigerator, ${few(out.freeze)} in the freezer${out.freeze > 0 && out.last < out.aTub ? `, the last tub with ${few(out.last)}` : ''}.`,
  };
  return (
    <Calculator
      title="How many tubs to freeze"
      subtitle="What is eaten in its days stays, the rest is frozen"
      result={result}
      asks="Say how many portions there are."
      fields={
        <>
          {batches.length > 0 && (
            <Choice
              label="Of what"
              value={batch?.food.foodId ?? ANY}
              onChange={(foodId) => setOf({ foodId, portions: null })}
              options={[
                ...batches.map(({ food }) => ({ value: food.foodId, label: food.name })),
                { value: ANY, label: 'Something else' },
              ]}
            />
          )}
          {!batch && (
            <Choice
              label="What it is"
              value={kind}
              onChange={(next) => set({ kind: next })}
              options={BATCH_KINDS}
            />
          )}
          {counted === null ? (
            field('portions', 'Portions there are')
          ) : (
            <Words>{`There ${counted === 1 ? 'is' : 'are'} ${few(counted)}, as it was put away.`}</Words>
          )}
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
        batch
          ? `By its own trail it keeps until ${moment(now + keepsMs, now, zone)}; in the freezer, for quality, ${describeValue(freezer.value, units)}.`
          : `Counted from when it was cooked, as if that were now: ${describeValue(refrigerator.value, units)} in the refrigerator; in the freezer, for quality, ${describeValue(freezer.value, units)}.`,
        'Cool it first, in shallow tubs, each with its label; thaw in the refrigerator, heat once.',
        'Not for what was out: its own page knows how long it still keeps.',
      ]}
      rules={[refrigerator, freezer]}
    >
      {out && batch && (
        <FreezeTubs food={batch.food} parted={out} onParted={() => setOf({ ...of, portions: null })} />
      )}
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
