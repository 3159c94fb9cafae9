/**
 * Clock times, calendar days and availability by IANA zone; instants are epoch milliseconds.
 * No present moment is asked for here: it comes as an argument.
 */
export {
  atClock,
  clockOf,
  clockText,
  type ClockTime,
  clockTimeWords,
  clockWords,
  hourOf,
  isZone,
  lastAtClock,
  parseClockTime,
} from './clock';
export { clockFace, type ClockFace, saidBy, showTimesBy } from './face';
export {
  datedDay,
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
  type Weekday,
  weekdayName,
  weekdaysFrom,
} from './days';
export { type Availability, availableBetween, type Interval } from './availability';
