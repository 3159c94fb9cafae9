export { DrillScreen as default } from '../../../features/drill/DrillScreen';
