import type { RuleSet } from '@omtel/core/guidance';
import { KINDS, thermometerSchema, type Thermometer, type ThermometerKind } from '@omtel/core/thermometers';
import { endOfPrintedDay, isoDay } from '@omtel/core/time';
import {
  DAY_MS,
  inUnit,
  kelvinOf,
  orProblem,
  parseNumber,
  toCelsius,
  TypedProblem,
  type TemperatureUnit,
} from '@omtel/core/units';

/** What is typed into the form of a thermometer. */
export interface ThermometerFields {
  readonly name: string;
  readonly kind: ThermometerKind;
  /** In the household's degrees. */
  readonly resolution: string;
  readonly least: string;
  readonly most: string;
  readonly livesIn: string;
  /** A day; empty where nobody knows. */
  readonly bought: string;
  readonly rhythmDays: string;
}

const shown = (value: number) => String(Number(value.toFixed(2)));
const USUAL = { rangeC: [-40, 200] } as const;

/** What is proposed for a kind, in the household's degrees. */
export const proposedFor = (
  kind: ThermometerKind,
  unit: TemperatureUnit,
): Pick<ThermometerFields, 'resolution' | 'least' | 'most'> => ({
  resolution: shown(KINDS[kind].resolutionK / kelvinOf(1, unit)),
  least: shown(inUnit({ value: USUAL.rangeC[0], unit: 'C' }, unit).value),
  most: shown(inUnit({ value: USUAL.rangeC[1], unit: 'C' }, unit).value),
});

/** A form to begin with: what is usual, and checked as often as the household's school says. */
export function emptyFields(
  unit: TemperatureUnit,
  { checkEvery }: RuleSet['thermometer'],
): ThermometerFields {
  const kind = 'instantRead';
  return {
    name: '',
    kind,
    ...proposedFor(kind, unit),
    livesIn: '',
    bought: '',
    rhythmDays: String(Math.max(1, Math.floor(checkEvery.value.ms / DAY_MS))),
  };
}

export type ReadThermometer =
  | { readonly thermometer: Thermometer }
  | { readonly problems: Readonly<Partial<Record<keyof ThermometerFields, string>>> };

/** A new thermometer from its fields, or the sentences at those that cannot be read. */
export function readThermometer(
  fields: ThermometerFields,
  { unit, now, zone }: { readonly unit: TemperatureUnit; readonly now: number; readonly zone: string },
  others: readonly Pick<Thermometer, 'name'>[],
  id: string,
): ReadThermometer {
  const problems: Partial<Record<keyof ThermometerFields, string>> = {};
  const number = (field: 'resolution' | 'least' | 'most' | 'rhythmDays'): number => {
    const read = orProblem(() => ({ value: parseNumber(fields[field]) }));
    if ('value' in read) return read.value;
    problems[field] = read.problem;
    return NaN;
  };
  const inC = (value: number) => toCelsius({ value, unit });
  const name = fields.name.trim();
  const boughtAt = orProblem(() => ({ at: boughtOn(fields.bought, now, zone) }));
  if ('problem' in boughtAt) problems.bought = boughtAt.problem;
  const [least, most] = [number('least'), number('most')];
  if (least >= most) problems.most = 'More than the least it shows.';
  if (others.some((each) => each.name === name)) problems.name = 'There is one of that name.';
  const parsed = thermometerSchema.safeParse({
    id,
    name,
    kind: fields.kind,
    resolutionK: kelvinOf(number('resolution'), unit),
    rangeC: [inC(least), inC(most)],
    livesIn: fields.livesIn,
    boughtAt: 'at' in boughtAt ? boughtAt.at : null,
    rhythmDays: number('rhythmDays'),
    log: [],
  });
  if (!parsed.success)
    for (const { path, message } of parsed.error.issues) {
      const field = FIELD_OF[String(path[0])];
      const said = field === 'least' && problems.most !== undefined;
      if (field && !said) problems[field] ??= SAID[field] ?? message;
    }
  return parsed.success && Object.keys(problems).length === 0 ? { thermometer: parsed.data } : { problems };
}

/** The day it was bought, up to now; null where nothing is typed. */
function boughtOn(typed: string, now: number, zone: string): number | null {
  if (typed.trim() === '') return null;
  const end = endOfPrintedDay(typed, now, zone);
  if (isoDay(end, zone) > isoDay(now, zone)) throw new TypedProblem('No later than today.', typed);
  return Math.min(end, now);
}

const FIELD_OF: Readonly<Record<string, keyof ThermometerFields>> = {
  name: 'name',
  resolutionK: 'resolution',
  rangeC: 'least',
  livesIn: 'livesIn',
  rhythmDays: 'rhythmDays',
};
const SAID: Readonly<Partial<Record<keyof ThermometerFields, string>>> = {
  resolution: 'More than 0, and no more than 10 °C (18 °F).',
  least: 'What a kitchen thermometer shows.',
  livesIn: 'No more than 40 letters.',
  rhythmDays: 'Whole days, 1 to 366.',
};
