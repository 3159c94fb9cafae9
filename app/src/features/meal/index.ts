export { NextStep } from './NextStep';
export { opensPage } from './opensPage';
export { useFollow } from './useFollow';
export { useMealAct } from './useMealAct';
export { type MealOf, useMealOf } from './useMealOf';
export { useMealLine, useMealLines } from './useMealLine';
