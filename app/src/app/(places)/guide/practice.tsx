export { PracticeScreen as default } from '../../../features/guide/PracticeScreen';
