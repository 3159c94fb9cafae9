export {
  type CoolingAnswer,
  type CoolingAsked,
  type JobKind,
  type Jobs,
  type NamedTrial,
  runJob,
  type Subject,
  type ThawAnswer,
} from './jobs';
