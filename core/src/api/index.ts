/**
 * What app and server say to each other: Zod schemas and their types, for requests, answers and problems.
 * Nothing is computed here, and nothing of HTTP or storage belongs here.
 */
export type {
  Founded,
  Household,
  RecoveryCodes,
  Settings,
  SettingsPatch,
  SignedInDevices,
} from '../household/household';
export { MICROWAVE_W, MOST_COOKS, MOST_FORMER_ZONES, MOST_OVENS } from '../household/limits';
export {
  type EatenFood,
  type FoodList,
  type FoodTrail,
  type FoodTrails,
  type Heard,
  heardText,
  type Log,
  type LogEntry,
  MOST_EVENTS,
  MOST_TRAILS,
  readHeard,
  type Recorded,
  type StoredFood,
} from './foods';
export {
  powerBackSchema,
  type PowerCut,
  powerCutSchema,
  type StoreId,
  storeIds,
  type StoreReading,
  storeReadingSchema,
  type StoreRecord,
} from './stores';
export {
  type Channel,
  type ChannelChange,
  type ChannelRecord,
  type Device,
  type DeviceKey,
  type Devices,
  LONGEST_DEVICE_NAME,
  type TakenIn,
} from './devices';
export { DEMO_HOUSEHOLD_ID, MEANT_FOR } from './whose';
export { type CalendarFeed, calendarFeedSchema } from './calendar';
export { ANOTHER_KITCHEN, type Problem, PROBLEM_TYPE, problemSchema } from './problem';
export { type FirstPage, TOLD_IN_PAGE } from './firstPage';
export { API_VERSION, SPEAKS } from './version';
