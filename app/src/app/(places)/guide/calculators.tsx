export { CalculatorsScreen as default } from '../../../features/guide/CalculatorsScreen';
