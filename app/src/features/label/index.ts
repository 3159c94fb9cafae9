/** Labels of one food or several, on rolls and sheets. */
export { LabelsScreen } from './LabelsScreen';
