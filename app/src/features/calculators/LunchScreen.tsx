import { describeValue } from '@omtel/core/guidance';
import { lunchBoxes, takenAlong, type Lunch, type TakenAlong } from '@omtel/core/kitchen';
import { dayName, monthOf, parseClockTime } from '@omtel/core/time';
import { capital, formatDuration, HOUR_MS } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Stepper } from '../../ui/Stepper';
import { TextLink } from '../../ui/TextLink';
import { Words } from '../../ui/Words';
import { Calculator, Pair, type Said } from './Calculator';
import { BATCH_KINDS, kindIn, type BatchKind } from './storageKinds';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly kind: BatchKind;
  readonly boxes: number;
  readonly eaten: string;
  readonly out: string;
  readonly air: string;
};

const FRESH: Draft = { kind: 'soupsStews', boxes: 5, eaten: '12:30', out: '5', air: '' };
const MOST_BOXES = 7;

const HOW: Readonly<Record<TakenAlong, string>> = {
  asItIs: 'As it is',
  inBag: 'In an insulated bag between two frozen packs',
  tooLong: 'Too long even in a bag: it needs a refrigerator there',
};

/** One dish for the lunches of the week: which boxes wait in the cold, which in the freezer, and how they are taken along. */
export function LunchScreen() {
  const { rules, units, settings, now, zone } = useKitchen();
  const [draft, set] = useAsked<Draft>('lunch', FRESH);
  const { boxes, eaten, out, air } = draft;
  const kind = kindIn(BATCH_KINDS, draft.kind);
  const { refrigerator, freezer } = rules.storage[kind];
  const unknown = air.trim() === '';
  const coolMonth = !settings.warmMonths.includes(monthOf(now, zone));
  const { out: found, problems } = workedOut({ out, air: unknown ? '0' : air }, units, (typed) =>
    takenAlong(
      typed.out * HOUR_MS,
      { air: unknown ? null : { value: typed.air, unit: units.temperature }, coolMonth },
      rules,
    ),
  );
  const clock = readClock(eaten);
  const lunches =
    'problem' in clock ? [] : lunchBoxes({ boxes, cookedAt: now, eatenAt: clock, zone }, refrigerator.value);
  return (
    <Calculator
      title="Lunch boxes for the week"
      subtitle="Cooked today, a box a day from tomorrow"
      result={found && lunches.length > 0 ? saidOf(lunches, found) : null}
      asks="Say when they are eaten, and how long they are out of the cold."
      fields={
        <>
          <Choice
            label="What it is"
            value={kind}
            onChange={(next) => set({ kind: next })}
            options={BATCH_KINDS}
          />
          <Stepper
            label="Boxes"
            value={boxes}
            min={1}
            max={MOST_BOXES}
            onChange={(next) => set({ boxes: next })}
          />
          <Pair>
            <Field
              label="Eaten at"
              value={eaten}
              onChange={(next) => set({ eaten: next })}
              problem={'problem' in clock ? clock.problem : undefined}
            />
            <Field
              label="Out of the cold"
              value={out}
              onChange={(next) => set({ out: next })}
              numeric
              suffix="h"
              problem={problems.out}
            />
          </Pair>
          <Field
            label="Air on the way and there"
            value={air}
            onChange={(next) => set({ air: next })}
            numeric
            unit={`°${units.temperature}`}
            problem={problems.air}
            hint="From this refrigerator to the plate, or to a refrigerator there. Left empty, nobody knows."
          />
        </>
      }
      notes={[
        `Counted from now: ${describeValue(refrigerator.value, units)} in the refrigerator. What is eaten later is frozen today; once thawed: ${describeValue(rules.afterThawCooked.value, units)}.`,
        'Cool it first, in shallow boxes, each with its label. It goes along cold from the refrigerator, never warm.',
        `Eaten cold, or heated once, through and through. What is left in the box at the end is thrown away.`,
        'Not for anybody at the table who needs extra care, unless this household is ruled by it.',
      ]}
      rules={[refrigerator, freezer, ...(found?.carrying.rules ?? [])]}
    >
      <Rows title="Each day’s box">
        {lunches.map(({ at, from }) => (
          <Words key={at} tabular>
            {`${capital(dayName(at, now, zone))}: ${from === 'refrigerator' ? 'from the refrigerator' : 'frozen today; into the refrigerator the day before'}`}
          </Words>
        ))}
      </Rows>
      <TextLink href="/stores" face="strong">
        Labels for the boxes, from Stores
      </TextLink>
    </Calculator>
  );
}

function readClock(text: string): ReturnType<typeof parseClockTime> | { readonly problem: string } {
  try {
    return parseClockTime(text);
  } catch (error) {
    return { problem: error instanceof Error ? error.message : 'A time such as 12:30.' };
  }
}

function saidOf(lunches: readonly Lunch[], { how, carrying }: ReturnType<typeof takenAlong>): Said {
  const cold = lunches.filter(({ from }) => from === 'refrigerator').length;
  const frozen = lunches.length - cold;
  const { leftMs, inBagMs, inclusive } = carrying;
  const within = inclusive ? 'within' : 'in less than';
  const limits =
    leftMs === null
      ? 'There it is as cold as in a refrigerator.'
      : `Without a bag it is eaten ${within} ${formatDuration(leftMs)}, in one ${within} ${formatDuration(inBagMs!)}.`;
  return {
    said:
      frozen === 0
        ? `All ${cold} into the refrigerator`
        : `${cold} into the refrigerator, ${frozen} frozen today`,
    about: `${HOW[how]}. ${limits}`,
    edge: how === 'tooLong' ? 'hot' : how === 'inBag' ? 'bandEdge' : 'rim',
  };
}
