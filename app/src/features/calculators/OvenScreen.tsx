import { gasMarks, hotEnoughForMeat, ovenSetting, type Dial, type GasMark } from '@omtel/core/kitchen';
import { inUnit } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Calculator, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = {
  readonly scale: 'C' | 'F' | 'gas';
  readonly fan: 'still' | 'fan';
  readonly heat: string;
  readonly mark: GasMark;
};

/** One heat on every kind of oven: degrees of either kind, gas marks, with a fan and without. */
export function OvenScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useAsked<Draft>('oven', {
    scale: units.temperature,
    fan: 'still',
    heat: '',
    mark: '4',
  });
  const { scale, heat, mark } = draft;
  const fan = draft.fan === 'fan';
  const { out: result, problems } =
    scale === 'gas'
      ? { out: saidOf({ mark }, false), problems: {} as { heat?: string } }
      : workedOut({ heat }, { ...units, temperature: scale }, (typed) =>
          saidOf({ value: typed.heat, unit: scale }, fan),
        );

  function saidOf(dial: Dial, withFan: boolean): Said {
    const { stillC, fanC, mark: gas } = ovenSetting(dial, withFan);
    const both = (c: number) => `${onDial(c, 'C')} or ${onDial(c, 'F')}`;
    const fit = hotEnoughForMeat(dial, rules);
    return {
      said: gas === null ? 'No gas mark is like it' : `Gas mark ${gas}`,
      about: `Without a fan ${both(stillC)}; with a fan ${both(fanC)}.${fit ? '' : ' Too cool for meat and poultry.'}`,
      edge: fit ? 'rim' : 'bandEdge',
    };
  }

  return (
    <Calculator
      title="Oven"
      subtitle="One heat on every kind of dial"
      result={result}
      asks="Say what the recipe says."
      fields={
        <>
          <Choice
            label="The recipe’s scale"
            value={scale}
            onChange={(next) => set({ scale: next })}
            options={[
              { value: 'C', label: '°C' },
              { value: 'F', label: '°F' },
              { value: 'gas', label: 'Gas mark' },
            ]}
          />
          {scale === 'gas' ? (
            <Choice
              label="Mark"
              value={mark}
              onChange={(next) => set({ mark: next })}
              options={gasMarks.map((value) => ({ value, label: value }))}
            />
          ) : (
            <>
              <Field
                label="Heat"
                value={heat}
                onChange={(next) => set({ heat: next })}
                numeric
                suffix={`°${scale}`}
                problem={problems.heat}
              />
              <Choice
                label="It is for an oven"
                value={draft.fan}
                onChange={(next) => set({ fan: next })}
                options={[
                  { value: 'still', label: 'Without a fan' },
                  { value: 'fan', label: 'With a fan' },
                ]}
              />
            </>
          )}
        </>
      }
      notes={[
        'Rounded to the 5 degrees a dial shows. A fan is taken for 20 °C (36 °F); the book of your oven comes first.',
        'Not a proof that it is so hot inside: dials are off by as much, and an oven thermometer tells.',
      ]}
      rules={[rules.cooking.oven]}
    />
  );
}

const STEP = 5;

const onDial = (c: number, unit: 'C' | 'F'): string =>
  `${Math.round(inUnit({ value: c, unit: 'C' }, unit).value / STEP) * STEP}\u00a0°${unit}`;
