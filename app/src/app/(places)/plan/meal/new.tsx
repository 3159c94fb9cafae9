export { NewMealScreen as default } from '../../../../features/meal/make/NewMealScreen';
