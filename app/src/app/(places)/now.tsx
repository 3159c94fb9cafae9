export { NowScreen as default } from '../../features/now/NowScreen';
