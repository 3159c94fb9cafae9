export { ThermometersScreen as default } from '../../../features/thermometers/ThermometersScreen';
