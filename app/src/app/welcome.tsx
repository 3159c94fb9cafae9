export { DoorScreen as default } from '../features/welcome/DoorScreen';
