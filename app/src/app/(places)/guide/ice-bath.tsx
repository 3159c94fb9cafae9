export { IceBathScreen as default } from '../../../features/calculators/IceBathScreen';
