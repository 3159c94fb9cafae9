import { carryingTime, type Carrying } from '@omtel/core/kitchen';
import { monthOf } from '@omtel/core/time';
import { formatDuration, MINUTE_MS } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';
import { Calculator, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = { readonly air: string; readonly out: string };

/** How long chilled food may be on its way home, with a cold bag and without. */
export function CarryingScreen() {
  const { rules, units, settings, now, zone } = useKitchen();
  const [draft, set] = useAsked<Draft>('carrying', { air: '', out: '20' });
  const unknown = draft.air.trim() === '';
  const coolMonth = !settings.warmMonths.includes(monthOf(now, zone));
  const asked = { out: draft.out.trim() === '' ? '0' : draft.out, air: unknown ? '0' : draft.air };
  const { out: carried, problems } = workedOut(asked, units, (typed) =>
    carryingTime(
      {
        air: unknown ? null : { value: typed.air, unit: units.temperature },
        coolMonth,
        outMs: typed.out * MINUTE_MS,
      },
      rules,
    ),
  );
  return (
    <Calculator
      title="Carrying it home"
      subtitle="From the shop’s cold to your own"
      result={carried && saidOf(carried, unknown)}
      asks="Say how warm it is on the way."
      fields={
        <>
          <Field
            label="Air in the car or outdoors"
            value={draft.air}
            onChange={(air) => set({ air })}
            numeric
            unit={`°${units.temperature}`}
            problem={problems.air}
            hint="Left empty, nobody knows: a car in the sun is far warmer than the day."
          />
          <Field
            label="Out of the cold already"
            value={draft.out}
            onChange={(out) => set({ out })}
            numeric
            suffix="min"
            problem={problems.out}
            hint="In the trolley, at the till, on the way to the car."
          />
        </>
      }
      notes={[
        'In this order: dry goods and cans, fruit and vegetables, what is chilled, raw meat and fish in bags of their own, frozen food last. At home the other way about.',
        'A bag keeps food cold that went in cold, between two frozen packs; read it when you are home. Nobody reads it: it counts from the shop.',
        'Not for food that was bought hot, and not for milk or formula of an infant, which has less time. Minutes are cut, never rounded up.',
      ]}
      rules={carried?.rules ?? [rules.bandTime.limit]}
    />
  );
}

function saidOf({ leftMs, inBagMs, warm, inclusive }: Carrying, unknown: boolean): Said {
  if (leftMs === null)
    return { said: 'As cold as a refrigerator', about: 'Its time does not run on the way.' };
  if (leftMs === 0)
    return {
      said: 'No time is left',
      about:
        'It was out for as long as it may be and still go back into the cold. Put it in here, and its page says what can be done.',
      edge: 'hot',
    };
  const within = inclusive ? 'within' : 'in less than';
  const air = warm
    ? unknown
      ? 'The air counts as warm, each minute double.'
      : 'In warm air each minute counts double.'
    : '';
  return {
    said: `Home ${within} ${formatDuration(leftMs)}`,
    about: `In an insulated bag with two frozen packs ${within} ${formatDuration(inBagMs!)}. ${air}`.trim(),
    edge: warm ? 'bandEdge' : 'rim',
  };
}
