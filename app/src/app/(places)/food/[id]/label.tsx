export { LabelScreen as default } from '../../../../features/label/LabelScreen';
