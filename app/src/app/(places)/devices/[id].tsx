export { DeviceScreen as default } from '../../../features/devices/DeviceScreen';
