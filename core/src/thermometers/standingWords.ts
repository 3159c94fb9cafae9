import { offsetOf, type Standing } from './standing';
import { moment } from '../time';
import { formatTemperature, kelvinIn, type UnitSystem } from '../units';

type Doubt = Extract<Standing, { is: 'inDoubt' }>['why'];

const DOUBTS: Readonly<Record<Doubt, string>> = {
  new: 'New, and never checked',
  dropped: 'It was dropped',
  wet: 'It got wet',
  lowBattery: 'Its battery is low',
  newBattery: 'It has a new battery',
  adjusted: 'Its nut was turned',
  turnNut: 'It is off: turn its nut, and check it again',
};

const RETIRED: Readonly<Record<Extract<Standing, { is: 'retired' }>['why'], string>> = {
  farOff: 'Too far off to be corrected. Change its battery, or throw it away',
  disagrees: 'Its checks do not agree. Change its battery, or throw it away',
  tellsNothing: 'It proves nothing, whatever it shows',
};

interface WordsContext {
  readonly now: number;
  readonly zone: string;
  readonly units: UnitSystem;
}

/**
 * How far a thermometer is to be trusted, in one line.
 *
 * @param written how a moment is said, where "yesterday" would be read on another day
 */
export function standingWords(
  standing: Standing,
  { now, zone, units }: WordsContext,
  written: (at: number) => string = (at) => moment(at, now, zone),
): string {
  switch (standing.is) {
    case 'retired':
      return `${RETIRED[standing.why]}.`;
    case 'inDoubt': {
      if (standing.why === 'turnNut') return `In doubt. ${DOUBTS.turnNut}.`;
      const since = standing.since === null ? '' : ` ${written(standing.since)}`;
      return `In doubt. ${DOUBTS[standing.why]}${since}. Check it.`;
    }
    case 'inOrder': {
      const due = `${now > standing.dueAt ? 'Check due since' : 'Next check'} ${written(standing.dueAt)}.`;
      return `${offWords(standing, units)} ${due}`;
    }
  }
}

/** What is added to its figures: one number, or one at each end. */
function offWords({ known }: Extract<Standing, { is: 'inOrder' }>, units: UnitSystem): string {
  const off = known.filter((each) => spanWords(offsetOf(each), units) !== spanWords(0, units));
  if (off.length === 0) return 'Right.';
  const added = known.map((each) => {
    const by = spanWords(-offsetOf(each), units);
    return known.length > 1 ? `${by} at ${degreesWords(Math.round(each.expectedC), units)}` : by;
  });
  return `Corrected by ${added.join(', ')}.`;
}

/** A difference with its sign. */
export function spanWords(kelvin: number, { temperature }: UnitSystem): string {
  const rounded = Math.round(kelvinIn(kelvin, temperature) * 10) / 10;
  const sign = rounded > 0 ? '+' : rounded < 0 ? '−' : '';
  return `${sign}${Math.abs(rounded)} °${temperature}`;
}

/** A temperature in the household's degrees, to a tenth. */
export const degreesWords = (celsius: number, units: UnitSystem): string =>
  formatTemperature({ value: Math.round(celsius * 10) / 10, unit: 'C' }, units);
