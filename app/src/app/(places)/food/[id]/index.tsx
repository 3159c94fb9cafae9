export { FoodScreen as default } from '../../../../features/food/FoodScreen';
