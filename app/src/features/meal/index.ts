export { MealScreen } from './MealScreen';
export { PlannedMeal } from './PlannedMeal';
export { useMealAct } from './useMealAct';
export { type Followed, useMealLine } from './useMealLine';
