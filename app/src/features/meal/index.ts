export { NextStep } from './NextStep';
export { opensPage } from './opensPage';
export { PlannedMeal } from './PlannedMeal';
export { useMealAct } from './useMealAct';
export { type Followed, useMealLine, useMealLines } from './useMealLine';
