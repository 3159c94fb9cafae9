export {
  chartTime,
  type ChosenFood,
  draftFor,
  type PlanDraft,
  readMinutes,
  readServeAt,
  sinceOf,
} from './draft';
export { MethodList } from './MethodList';
export { OnTheTable, PlanFields } from './PlanFields';
export { usePlanning } from './usePlanning';
export { useThaw } from './useThaw';
