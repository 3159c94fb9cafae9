/**
 * Where the schools of guidance part: the rules in which they say something else, each with its number.
 * No number stands here; it is asked of `guidance`.
 */
export { type Difference, differences } from './differences';
