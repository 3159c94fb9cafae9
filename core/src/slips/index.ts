/**
 * Figures that are likelier a slip of the hand or of the other unit, and what to ask then.
 * Asking belongs to the app; what no thermometer shows is refused by `record`.
 */
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
