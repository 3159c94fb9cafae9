import { atClock, clockOf, clockText, daysBetween, parseClockTime } from '../time';
import type { Payload } from '../record';
import { orProblem, parseNumber, type Mass, type MassUnit } from '../units';

type Added = Payload<'added'>;

/** What one typed line says of a food besides its name. */
export interface Line {
  /** What is left once all else is taken out: what to search for. */
  readonly food: string;
  readonly mass?: Mass;
  readonly place?: Added['place'];
  readonly condition?: Added['condition'];
  /** How many days ago, and the time of that day if it was said. */
  readonly daysAgo?: number;
  readonly clock?: string;
}

const UNITS: Record<string, MassUnit> = {
  kg: 'kg',
  kilo: 'kg',
  kilos: 'kg',
  kilogram: 'kg',
  kilograms: 'kg',
  g: 'g',
  gram: 'g',
  grams: 'g',
  lb: 'lb',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
  oz: 'oz',
  ounce: 'oz',
  ounces: 'oz',
};

const PLACES: Record<string, Added['place']> = {
  fridge: 'refrigerator',
  refrigerator: 'refrigerator',
  freezer: 'freezer',
  cupboard: 'cupboard',
  pantry: 'cupboard',
  larder: 'cupboard',
  counter: 'counter',
};

/** Said of a food, and part of what it is called too: "cooked ham" is searched for as it is. */
const CONDITIONS: Record<string, Added['condition']> = {
  frozen: 'frozen',
  thawed: 'thawed',
  defrosted: 'thawed',
  cooked: 'cooked',
  leftover: 'cooked',
  leftovers: 'cooked',
  raw: 'fresh',
};

const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

const MASS = new RegExp(
  `(?<![\\d.,])(\\d+(?:[.,]\\d+)?)\\s*(${Object.keys(UNITS)
    .sort((a, b) => b.length - a.length)
    .join('|')})(?![\\p{L}\\d])`,
  'iu',
);
const CLOCK =
  /(?<![\d.,:])(?:(?:[01]?\d|2[0-3])[:.][0-5]\d(?:\s*[ap]m(?!\p{L}))?|(?:1[0-2]|0?[1-9])\s*[ap]m(?!\p{L}))(?![\d])/iu;
const DAYS_AGO = /(?<!\d)(\d{1,2})\s+days?\s+ago(?!\p{L})/iu;
/** Small words that join what was said, once it is taken out. */
const JOINTS = /(?<!\p{L})(in|into|to|the|at|on|of|since|from)(?!\p{L})/giu;

/**
 * Reads one line as a cook writes it on a tub: how much, of what, where it goes and since when, in any order.
 *
 * @param text such as '2 lb chicken thighs fridge yesterday 17:30'
 * @example readLine('800 g mince freezer', now, zone) // { food: 'mince', mass: 800 g, place: 'freezer' }
 */
export function readLine(text: string, now: number, zone: string): Line {
  let rest = text;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(rest);
    if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };
  const word = (words: readonly string[]) =>
    take(new RegExp(`(?<![\\p{L}\\d])(${words.join('|')})(?![\\p{L}\\d])`, 'iu'))?.[1]?.toLowerCase();

  const mass = massOf(take(MASS));
  const ago = take(DAYS_AGO);
  const day = ago ? null : word(['today', 'yesterday', ...WEEKDAYS]);
  const clock = clockIn(take(CLOCK)?.[0]);
  const place = word(Object.keys(PLACES));
  const said = rest.toLowerCase().match(/\p{L}+/gu) ?? [];
  const condition = said.map((each) => CONDITIONS[each]).find((each) => each !== undefined);
  const daysAgo = ago
    ? Number(ago[1])
    : day
      ? daysBack(day, now, zone)
      : clock
        ? lastAt(clock, now, zone)
        : undefined;
  const took = mass || place || daysAgo !== undefined;
  return {
    food: (took ? rest.replace(JOINTS, ' ') : rest).replace(/[\s,;]+/g, ' ').trim(),
    ...(mass && { mass }),
    ...(place && { place: PLACES[place] }),
    ...(condition && { condition }),
    ...(daysAgo !== undefined && { daysAgo }),
    ...(clock && { clock }),
  };
}

function massOf(found: RegExpExecArray | null): Mass | null {
  if (!found) return null;
  const read = orProblem(() => ({ value: parseNumber(found[1]!), unit: UNITS[found[2]!.toLowerCase()]! }));
  return 'problem' in read ? null : read;
}

/** The last such day: Friday said on a Friday is today. */
function daysBack(day: string, now: number, zone: string): number {
  if (day === 'today') return 0;
  if (day === 'yesterday') return 1;
  const noonOf = (back: number) => atClock(now, -back, { hour: 12, minute: 0 }, zone);
  const isIt = (back: number) =>
    new Intl.DateTimeFormat('en', { weekday: 'long', timeZone: zone }).format(noonOf(back)).toLowerCase() ===
    day;
  return [0, 1, 2, 3, 4, 5, 6].find(isIt)!;
}

/** A time of day as it is kept; nothing where the halves of a day do not go so far, as 17:30 pm. */
function clockIn(found: string | undefined): string | undefined {
  if (found === undefined) return undefined;
  const read = orProblem(() => ({ text: clockText(found) }));
  return 'problem' in read ? undefined : read.text;
}

/** A time alone is the last such time: what is still to come today was yesterday. */
function lastAt(clock: string, now: number, zone: string): number {
  const at = atClock(now, 0, parseClockTime(clock), zone);
  return at > now && clockOf(at, zone) !== clockOf(now, zone) ? 1 : Math.max(0, -daysBetween(now, at, zone));
}
