export { OvenScreen as default } from '../../../features/calculators/OvenScreen';
