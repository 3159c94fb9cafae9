export { YoursScreen as default } from '../../features/yours/YoursScreen';
