export { BoilingScreen as default } from '../../../features/calculators/BoilingScreen';
