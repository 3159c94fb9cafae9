/**
 * “Is this still all right?” for food nobody logged: three answers become a history never milder than the truth, and
 * its ruling.
 * Questions on a screen and their words belong to the app; rules belong to `guidance`.
 */
export {
  type Answers,
  type AskedCondition,
  conditionsOf,
  daysAgo,
  type Whereabouts,
  whereOf,
} from './answers';
export { historyOf } from './history';
export { notForOn, ruleOn } from './ruleOn';
