export { HouseholdLink } from './HouseholdLink';
