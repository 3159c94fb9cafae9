/**
 * What devices send: their lines, what of them is kept, and what the air of a store amounts to.
 * Which food learns of it, and what that means for it, belongs to `clocks` and `judge`.
 */
export { airTurns, type AirTurn, LONGEST_GAP_MS, stretchesOf } from './air';
export { MOST_CHANNELS, MOST_DEVICES, type Measured, measuredSchema } from './channels';
export { limitsC } from './limits';
export {
  COLDEST_READ_C,
  type DeviceReading,
  HOTTEST_READ_C,
  lineOf,
  LONGEST_CHANNEL,
  MOST_LINES,
  readLines,
  type RefusedLine,
} from './line';
export { type Part, partsOf } from './parts';
export { type ProbeState, readingsToTell, type Watched, watchProbe } from './probe';
export { type FreezerTrend, type StoreFacts, storeFacts } from './storeFacts';
export { type Read, thinned, TOLERANCE_K } from './thin';
