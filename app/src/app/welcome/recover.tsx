export { RecoverScreen as default } from '../../features/welcome/RecoverScreen';
