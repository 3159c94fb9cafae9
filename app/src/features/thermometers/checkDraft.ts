import {
  boilingPointC,
  kitchensLie,
  pressureAt,
  type CheckPoint,
  type Thermometer,
  type ThermometerEntry,
  degreesWords,
} from '@omtel/core/thermometers';
import {
  orProblem,
  parseNumber,
  toAltitudeM,
  toCelsius,
  type Problem,
  type TemperatureUnit,
  type UnitSystem,
} from '@omtel/core/units';

/** How high a kitchen lies as it was typed, and at which temperature water boils there. */
export const readAltitude = (
  typed: string,
  units: UnitSystem,
): { readonly altitudeM: number; readonly expectedC: number } | Problem => {
  const read = orProblem(() => ({ value: parseNumber(typed) }));
  if ('problem' in read) return read;
  const altitudeM = toAltitudeM(read.value, units);
  try {
    return { altitudeM, expectedC: boilingPointC(pressureAt(altitudeM)) };
  } catch {
    return { problem: kitchensLie(units) };
  }
};

/** Further from what it should show nobody has held it into that water, °C. */
const NO_SUCH_WATER_K = 30;

/** A check as it is kept, or a sentence for the field. */
export function readCheck(
  typed: string,
  unit: TemperatureUnit,
  { at, point, expectedC }: { readonly at: number; readonly point: CheckPoint; readonly expectedC: number },
  { rangeC: [least, most] }: Pick<Thermometer, 'rangeC'>,
  units: UnitSystem,
): { readonly entry: ThermometerEntry } | Problem {
  const read = orProblem(() => ({ value: parseNumber(typed) }));
  if ('problem' in read) return read;
  const temperature = { value: read.value, unit };
  const readC = toCelsius(temperature);
  if (Math.abs(readC - expectedC) > NO_SUCH_WATER_K)
    return {
      problem: `That is not what ${point === 'ice' ? 'ice water' : 'boiling water'} shows. Is the unit right?`,
    };
  if (readC < least || readC > most)
    return {
      problem: `It shows ${degreesWords(least, units)} to ${degreesWords(most, units)}.`,
    };
  return { entry: { at: Math.round(at), what: 'checked', point, expectedC, read: temperature } };
}
