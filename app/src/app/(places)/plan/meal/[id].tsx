export { MealScreen as default } from '../../../../features/meal/MealScreen';
