export { GuidanceFields } from './GuidanceFields';
export { HomeAndAwake } from './HomeAndAwake';
export { HouseholdLink } from './HouseholdLink';
export { KitchenFields } from './KitchenFields';
export { UnitsFields } from './UnitsFields';
export { ZoneField } from './ZoneField';
