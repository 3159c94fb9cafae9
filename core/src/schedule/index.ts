/**
 * One schedule for tasks that share places, hands and a moment to be ready: a problem as data, and its solution.
 * Knows tasks, places, cooks and links; nothing of food, which `meal` turns into them.
 */
export {
  costOf,
  LATE_PER_MINUTE,
  readProblem,
  SERVE,
  UnreadableProblem,
  type Link,
  type Problem,
  type ProblemJson,
  type Schedule,
  type Task,
} from './problem';
export { solve, type Options, type Solved } from './solve';
export { type Conflict, type Help } from './conflict';
