export { type Arrival, spansAskedFor, type Usual, usualOf } from './usual';
