export { StoresScreen as default } from '../../features/stores/StoresScreen';
