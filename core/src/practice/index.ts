/**
 * How things are done where no figure rules: the topics a cook reads.
 * Whatever has a number is a rule, and stands in `guidance`.
 */
export { practice, type PracticeTopic } from './topics';
