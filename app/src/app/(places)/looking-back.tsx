export { LookBackScreen as default } from '../../features/lookback/LookBackScreen';
