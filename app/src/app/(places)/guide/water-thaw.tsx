export { WaterThawScreen as default } from '../../../features/calculators/WaterThawScreen';
