export { AmendScreen as default } from '../../../../features/add/AmendScreen';
