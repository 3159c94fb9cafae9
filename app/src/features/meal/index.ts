export { NextStep } from './NextStep';
export { opensPage } from './opensPage';
export { useDueTimes } from './useDueTimes';
export { planAnew } from './planAnew';
export { useMealAct } from './useMealAct';
export { type MealOf, useMealOf } from './useMealOf';
export { type Followed, useMealLine, useMealLines } from './useMealLine';
