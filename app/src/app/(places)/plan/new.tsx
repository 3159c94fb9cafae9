export { NewPlanScreen as default } from '../../../features/plan/NewPlanScreen';
