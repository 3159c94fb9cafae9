export { InstrumentScreen as default } from '../../../features/calculators/InstrumentScreen';
