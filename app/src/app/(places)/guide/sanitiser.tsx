export { SanitiserScreen as default } from '../../../features/calculators/SanitiserScreen';
