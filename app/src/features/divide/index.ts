export { dividing, shareOf } from './share';
