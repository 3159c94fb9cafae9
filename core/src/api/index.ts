/**
 * What app and server say to each other: Zod schemas and their types, for requests, answers, settings and problems.
 * Nothing is computed here, and nothing of HTTP or storage belongs here.
 */
export {
  clockMoveSchema,
  DEFAULT_SETTINGS,
  type Founded,
  foundedSchema,
  type Household,
  householdSchema,
  type RecoveryCodes,
  recoveryCodesSchema,
  type SignedInDevices,
  signedInDevicesSchema,
  MOST_COOKS,
  MICROWAVE_W,
  MOST_OVENS,
  MOST_FORMER_ZONES,
  type Settings,
  type SettingsPatch,
  settingsPatchSchema,
} from './household';
export {
  type FoodList,
  type FoodTrail,
  type Log,
  type LogEntry,
  MOST_EVENTS,
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
export { type Cursor, cursorOf, pageSchema } from './pages';
export { type Problem, PROBLEM_TYPE, problemSchema } from './problem';
export { type FirstPage, TOLD_IN_PAGE } from './firstPage';
