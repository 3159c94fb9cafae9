export { FoundScreen as default } from '../../features/welcome/FoundScreen';
