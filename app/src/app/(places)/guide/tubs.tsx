export { TubsScreen as default } from '../../../features/calculators/TubsScreen';
