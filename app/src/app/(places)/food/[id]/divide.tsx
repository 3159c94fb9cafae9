export { DivideScreen as default } from '../../../../features/divide/DivideScreen';
