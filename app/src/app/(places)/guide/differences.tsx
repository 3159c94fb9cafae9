export { DifferencesScreen as default } from '../../../features/guide/DifferencesScreen';
