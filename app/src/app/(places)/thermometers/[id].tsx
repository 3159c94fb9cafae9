export { ThermometerScreen as default } from '../../../features/thermometers/ThermometerScreen';
