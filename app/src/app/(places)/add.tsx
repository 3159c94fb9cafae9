export { AddScreen as default } from '../../features/add/AddScreen';
