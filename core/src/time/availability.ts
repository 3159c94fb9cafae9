import { DateTime } from './luxon';
import { parseClockTime } from './clock';

/** A stretch of time, both ends in epoch milliseconds, `from` included and `to` excluded. */
export interface Interval {
  readonly from: number;
  readonly to: number;
}

/** When the cook is home and awake, by weekday (1 = Monday … 7 = Sunday), as wall-clock times 'HH:mm'. */
export type Availability = Readonly<
  Record<string, readonly { readonly from: string; readonly to: string }[]>
>;

/**
 * The stretches in which the cook is home and awake, between two instants, by the wall clock of the zone (so that 07:00
 * stays 07:00 across a clock change). Stretches that touch are joined. A stretch whose end is not after its start runs
 * past midnight.
 *
 * @returns intervals in order, clipped to [from, to]
 */
export function availableBetween(
  availability: Availability,
  from: number,
  to: number,
  zone: string,
): Interval[] {
  const found: Interval[] = [];
  // Start a day early: yesterday's stretch may run past midnight.
  let day = DateTime.fromMillis(from, { zone }).startOf('day').minus({ days: 1 });
  for (; day.toMillis() <= to; day = day.plus({ days: 1 })) {
    for (const stretch of availability[String(day.weekday)] ?? []) {
      const start = day.set(parseClockTime(stretch.from)).toMillis();
      const sameDayEnd = day.set(parseClockTime(stretch.to));
      const end = (sameDayEnd.toMillis() > start ? sameDayEnd : sameDayEnd.plus({ days: 1 })).toMillis();
      if (end > from && start < to) found.push({ from: Math.max(start, from), to: Math.min(end, to) });
    }
  }
  return joined(found.sort((a, b) => a.from - b.from));
}

function joined(intervals: Interval[]): Interval[] {
  return intervals.reduce<Interval[]>((sofar, next) => {
    const last = sofar[sofar.length - 1];
    if (last && next.from <= last.to)
      sofar[sofar.length - 1] = { from: last.from, to: Math.max(last.to, next.to) };
    else sofar.push(next);
    return sofar;
  }, []);
}
