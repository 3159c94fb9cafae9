/**
 * What a household is likely to be putting in, by what came lately and at this time of earlier years.
 * Reading the events belongs to the server.
 */
export { type Arrival, spansAskedFor, type Usual, usualOf } from './usual';
