export { ServingsScreen as default } from '../../../features/calculators/ServingsScreen';
