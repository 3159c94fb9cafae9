/**
 * A household as it is set and told: its settings, who is in, its clock, as Zod schemas.
 * A page is told one and parses none: `api` lets out what it needs of them, types and limits alone.
 */
export {
  clockMoveSchema,
  DEFAULT_SETTINGS,
  foundedSchema,
  householdSchema,
  recoveryCodesSchema,
  settingsChangeSchema,
  settingsPatchSchema,
  settingsSchema,
  signedInDevicesSchema,
} from './household';
export { ChangedElsewhere, mergeSettings } from './merge';
