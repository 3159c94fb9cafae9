/**
 * A history with one thing otherwise, to be ruled on beside the true one.
 * Nothing of it is ever recorded.
 */
export { type Change, whatIf } from './whatIf';
