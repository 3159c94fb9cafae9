import { DateTime, Info } from './luxon';
import { TypedProblem, DAY_MS } from '../units';
import { clockWords } from './clock';

/** Calendar days from the day of `from` to the day of `at`, in the zone; negative for earlier days. */
export function daysBetween(from: number, at: number, zone: string): number {
  return dayNumber(at, zone) - dayNumber(from, zone);
}

/** Rulings ask this many times over for every food, so the calendar is asked once and the days are plain arithmetic. */
function dayNumber(at: number, zone: string): number {
  const { year, month, day } = DateTime.fromMillis(at, { zone });
  return Math.round(Date.UTC(year, month - 1, day) / DAY_MS);
}

/**
 * The day by the name a cook would use: today, tomorrow, Tuesday, then the date.
 *
 * @example dayName(at, now, zone) // 'tomorrow'
 */
export function dayName(at: number, now: number, zone: string): string {
  const distance = daysBetween(now, at, zone);
  if (distance === 0) return 'today';
  if (distance === 1) return 'tomorrow';
  if (distance === -1) return 'yesterday';
  const day = DateTime.fromMillis(at, { zone });
  if (Math.abs(distance) < 7) return day.toFormat('cccc');
  return day.toFormat(Math.abs(distance) < 180 ? 'd LLLL' : 'd LLLL yyyy');
}

/**
 * A moment as it is read aloud: the clock time alone today, otherwise the day first.
 *
 * @example moment(at, now, zone) // 'Tuesday 18:50'
 */
export function moment(at: number, now: number, zone: string): string {
  const clock = clockWords(at, zone);
  return daysBetween(now, at, zone) === 0 ? clock : `${dayName(at, now, zone)} ${clock}`;
}

/** Day and date for a heading, such as 'Friday 12 June'. */
export function longDay(at: number, zone: string): string {
  return DateTime.fromMillis(at, { zone }).toFormat('cccc d LLLL');
}

/** A day as it is told where it may be read in another year, such as 'Fri 12 June 2026'. */
export function datedDay(at: number, zone: string): string {
  return DateTime.fromMillis(at, { zone }).toFormat('ccc d LLLL yyyy');
}

/**
 * Reads a printed date: 2026-06-15, 15.6.2026, 15.6. or 15/6; without a year the next such day, yesterday's month included.
 *
 * @returns the last millisecond of that day in the zone
 * @throws TypedProblem when it is no date
 */
export function endOfPrintedDay(text: string, now: number, zone: string): number {
  const typed = text.trim();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  const short = /^(\d{1,2})[./ ](\d{1,2})\.?(?:[./ ]?(\d{4}))?$/.exec(typed);
  if (!iso && !short) throw new TypedProblem('A date such as 2026-06-15.', text);
  const [year, month, day] = iso
    ? [Number(iso[1]), Number(iso[2]), Number(iso[3])]
    : [short?.[3] ? Number(short[3]) : null, Number(short?.[2]), Number(short?.[1])];
  const from = DateTime.fromMillis(now, { zone });
  const read = DateTime.fromObject({ year: year ?? from.year, month, day }, { zone });
  if (!read.isValid) throw new TypedProblem('A date such as 2026-06-15.', text);
  // In December a date of January is that of the year to come.
  const meant = year === null && read < from.minus({ months: 6 }) ? read.plus({ years: 1 }) : read;
  return meant.endOf('day').toMillis();
}

/** The last second of the calendar day so many days after that of `at`, as the zone counts days. */
export const endOfDay = (at: number, daysAhead: number, zone: string): number =>
  DateTime.fromMillis(at, { zone }).plus({ days: daysAhead }).endOf('day').startOf('second').toMillis();

/** The same day and time so many calendar months later; the last day of a month that is too short for it. */
export const monthsLater = (at: number, months: number, zone: string): number =>
  DateTime.fromMillis(at, { zone }).plus({ months }).toMillis();

/** A day as forms and files write it, such as '2026-06-15'. */
export const isoDay = (at: number, zone: string): string =>
  DateTime.fromMillis(at, { zone }).toFormat('yyyy-MM-dd');

/** The month of the year, 1 to 12. */
export const monthOf = (at: number, zone: string): number => DateTime.fromMillis(at, { zone }).month;

/** A month and its year, such as 'June 2026'. */
export const monthName = (at: number, zone: string): string =>
  DateTime.fromMillis(at, { zone }).toFormat('LLLL yyyy');

/** Short name of a month of the year, such as 'Jun'. */
export const shortMonth = (month: number): string => Info.months('short')[month - 1]!;

/** A day of the week: 1 is Monday, 7 Sunday. */
export type Weekday = '1' | '2' | '3' | '4' | '5' | '6' | '7';
const WEEK: readonly Weekday[] = ['1', '2', '3', '4', '5', '6', '7'];

/** The days of a week that begins with one of them. */
export const weekdaysFrom = (first: Weekday): readonly Weekday[] => {
  const at = WEEK.indexOf(first);
  return [...WEEK.slice(at), ...WEEK.slice(0, at)];
};

export const weekdayName = (day: Weekday): string => Info.weekdays('long')[Number(day) - 1]!;

/** Short name of the day, such as 'Tue', for axes and chips. */
export function shortDay(at: number, zone: string): string {
  return DateTime.fromMillis(at, { zone }).toFormat('ccc');
}
