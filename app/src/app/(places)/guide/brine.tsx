export { BrineScreen as default } from '../../../features/calculators/BrineScreen';
