/**
 * Clock times, calendar days and availability by IANA zone; instants are epoch milliseconds.
 * No present moment is asked for here: it comes as an argument.
 */
export { atClock, clockOf, clockWords, isZone, lastAtClock, parseClockTime } from './clock';
export {
  dayName,
  daysBetween,
  endOfDay,
  endOfPrintedDay,
  isoDay,
  longDay,
  moment,
  monthName,
  monthOf,
  monthsLater,
  shortDay,
  shortMonth,
} from './days';
export { type Availability, availableBetween, type Interval } from './availability';
