export {
  convertedSlip,
  placeSlip,
  readingSlip,
  type ReadPlace,
  type TemperatureSlip,
  written,
} from './temperature';
export { depthSlip, massSlip, writtenSize } from './size';
export { cookTimeSlip, writtenTime } from './time';
