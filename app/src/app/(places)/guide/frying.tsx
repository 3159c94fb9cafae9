export { FryingScreen as default } from '../../../features/calculators/FryingScreen';
