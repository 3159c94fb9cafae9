import { DateTime, Info } from 'luxon';
import { DAY_MS } from '../units';
import { clockOf } from './clock';

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
  const clock = clockOf(at, zone);
  return daysBetween(now, at, zone) === 0 ? clock : `${dayName(at, now, zone)} ${clock}`;
}

/** Day and date for a heading, such as 'Friday 12 June'. */
export function longDay(at: number, zone: string): string {
  return DateTime.fromMillis(at, { zone }).toFormat('cccc d LLLL');
}

/** The month of the year, 1 to 12. */
export const monthOf = (at: number, zone: string): number => DateTime.fromMillis(at, { zone }).month;

/** Short name of a month of the year, such as 'Jun'. */
export const shortMonth = (month: number): string => Info.months('short')[month - 1]!;

/** Short name of the day, such as 'Tue', for axes and chips. */
export function shortDay(at: number, zone: string): string {
  return DateTime.fromMillis(at, { zone }).toFormat('ccc');
}
