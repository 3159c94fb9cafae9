export { WeekShoppingScreen as default } from '../../../features/meal/WeekShoppingScreen';
