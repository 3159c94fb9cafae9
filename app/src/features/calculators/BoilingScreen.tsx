import { boilingAt } from '@omtel/core/kitchen';
import { altitudeUnitOf, formatTemperature, kelvinIn, toAltitudeM } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { TextLink } from '../../ui/TextLink';
import { Calculator, type Said } from './Calculator';
import { useAsked } from './useAsked';
import { workedOut } from './workedOut';

type Draft = { readonly by: 'height' | 'pressure'; readonly height: string; readonly pressure: string };
const FRESH: Draft = { by: 'height', height: '', pressure: '' };
const HECTOPASCAL = 100;

/** At which temperature water boils in this kitchen. */
export function BoilingScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useAsked<Draft>('boiling', FRESH);
  const { by } = draft;
  const { out, problems } = workedOut(
    { place: by === 'height' ? draft.height : draft.pressure },
    units,
    ({ place }): Said => {
      const c = boilingAt(
        by === 'height' ? { altitudeM: toAltitudeM(place, units) } : { pressurePa: place * HECTOPASCAL },
      );
      return {
        said: formatTemperature({ value: Math.round(c * 10) / 10, unit: 'C' }, units),
        about:
          by === 'height'
            ? `In usual weather; a storm moves it by up to ${kelvinIn(1, units.temperature)} °${units.temperature}.`
            : undefined,
      };
    },
  );
  return (
    <Calculator
      title="Boiling point"
      subtitle="By height above the sea or by a barometer"
      result={out}
      asks="Say how high the kitchen lies."
      fields={
        <>
          <Choice
            label="Known is"
            value={by}
            onChange={(next) => set({ by: next })}
            options={[
              { value: 'height', label: 'The height' },
              { value: 'pressure', label: 'A barometer' },
            ]}
          />
          {by === 'height' ? (
            <Field
              label="Above the sea"
              value={draft.height}
              onChange={(height) => set({ height })}
              numeric
              suffix={altitudeUnitOf(units)}
              problem={problems.place}
            />
          ) : (
            <Field
              label="Barometer"
              value={draft.pressure}
              onChange={(pressure) => set({ pressure })}
              numeric
              suffix="hPa"
              problem={problems.place}
              hint="At the kitchen, not reduced to the sea as forecasts give it."
            />
          )}
        </>
      }
      notes={[
        'A thermometer in water that boils hard should read this.',
        'Higher up everything that boils takes longer: it is less hot. Targets inside food stay as they are.',
        'To the nearest tenth. Not for a pressure cooker.',
      ]}
      rules={[rules.thermometer.icePoint]}
    >
      <TextLink href="/thermometers">Check a thermometer</TextLink>
    </Calculator>
  );
}
