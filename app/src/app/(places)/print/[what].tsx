export { PrintScreen as default } from '../../../features/press/PrintScreen';
