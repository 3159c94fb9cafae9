import { clockFace } from './face';
import { DateTime, IANAZone } from './luxon';
import { TypedProblem } from '../units';

/** A time of day on the wall, 24 hours. */
export interface ClockTime {
  readonly hour: number;
  readonly minute: number;
}

/**
 * Reads a time of day as cooks type it: 19:00, 19.00, 1900, 7pm, 7:30 pm.
 *
 * @throws TypedProblem when it is no time of day
 * @example parseClockTime('7pm') // { hour: 19, minute: 0 }
 */
export function parseClockTime(text: string): ClockTime {
  const match = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*([ap]m)?$/i.exec(text.trim());
  if (!match) throw noClock(text);
  const half = match[3]?.toLowerCase();
  const stated = Number(match[1]);
  if (half && (stated < 1 || stated > 12)) throw noClock(text);
  const hour = half ? (stated % 12) + (half === 'pm' ? 12 : 0) : stated;
  const minute = Number(match[2] ?? 0);
  if (hour > 23 || minute > 59) throw noClock(text);
  return { hour, minute };
}

const noClock = (text: string) =>
  new TypedProblem(`A time such as ${clockTimeWords({ hour: 19, minute: 0 })}.`, text);

/**
 * @returns the time of day as the clock is read here, such as '19:40' or '7:40 pm'; `parseClockTime` reads either
 */
export const clockOf = (at: number, zone: string): string => onFace(DateTime.fromMillis(at, { zone }));

/**
 * A time of day as it is kept, such as '07:30', of one that was typed.
 *
 * @throws TypedProblem when it is no time of day
 */
export function clockText(typed: string): string {
  const { hour, minute } = parseClockTime(typed);
  return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}

/** A time of day in the same words. */
export const clockTimeWords = (time: ClockTime): string => onFace(DateTime.fromObject(time, { zone: 'utc' }));

const onFace = (at: DateTime): string =>
  clockFace() === 24 ? at.toFormat('HH:mm') : at.toFormat('h:mm a').toLowerCase();

/** The hour of the day, 0 to 23. */
export const hourOf = (at: number, zone: string): number => DateTime.fromMillis(at, { zone }).hour;

/**
 * A time of day as it is read. In the night in autumn when an hour comes twice it says which of the two: by the old time,
 * before the clocks went back, or by the new.
 *
 * @example clockWords(at, zone) // '19:40', or '02:30 old time'
 */
export function clockWords(at: number, zone: string): string {
  const moments = DateTime.fromMillis(at, { zone })
    .getPossibleOffsets()
    .map((each) => each.toMillis());
  const clock = clockOf(at, zone);
  if (moments.length < 2) return clock;
  return `${clock} ${at === Math.min(...moments) ? 'old' : 'new'} time`;
}

/**
 * The instant at which the wall clock of a zone shows a time, `daysAhead` calendar days after the day of `from`.
 * A time that a clock change skips becomes the same distance after the change, as the wall clock would show it.
 *
 * @example atClock(now, 1, { hour: 19, minute: 0 }, zone) // tomorrow at 19:00
 */
export function atClock(from: number, daysAhead: number, { hour, minute }: ClockTime, zone: string): number {
  return DateTime.fromMillis(from, { zone })
    .startOf('day')
    .plus({ days: daysAhead })
    .set({ hour, minute })
    .toMillis();
}

/** The last instant, `now` at the latest, at which the wall clock of a zone showed a time. */
export function lastAtClock(now: number, clock: ClockTime, zone: string): number {
  const today = atClock(now, 0, clock, zone);
  return today <= now ? today : atClock(now, -1, clock, zone);
}

export const isZone = (zone: string): boolean => IANAZone.isValidZone(zone);
