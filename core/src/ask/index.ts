export {
  type Answers,
  type AskedCondition,
  conditionsOf,
  daysAgo,
  type Whereabouts,
  whereOf,
} from './answers';
export { historyOf } from './history';
export { ruleOn } from './ruleOn';
