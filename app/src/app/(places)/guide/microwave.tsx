export { MicrowaveScreen as default } from '../../../features/calculators/MicrowaveScreen';
