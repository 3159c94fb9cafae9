export { dividing, portionsOf, shareOf } from './share';
