export { ScaleScreen as default } from '../../../features/calculators/ScaleScreen';
