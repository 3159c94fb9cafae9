export { HouseholdScreen as default } from '../../features/household/HouseholdScreen';
