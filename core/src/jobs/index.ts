/**
 * Long computations by name and plain values, so that a worker, a server or a test can run them alike.
 * What they compute belongs to `forecast`; threads and workers to whoever runs them.
 */
export {
  type CoolingAnswer,
  type CoolingAsked,
  type JobKind,
  type Jobs,
  type NamedTrial,
  runJob,
  type Subject,
} from './jobs';
