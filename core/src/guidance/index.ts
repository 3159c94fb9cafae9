/**
 * What the schools say: rule sets as data under one schema, each number once, with its source; lookup, stricter,
 * borrowed.
 * What a rule means for a food that was through something belongs to `clocks` and `judge`.
 */
export { type RuleSetId, ruleSetIds, type School, schools } from './schools';
export {
  type CookTarget,
  type CoolingMark,
  type DurationRange,
  type RoastTable,
  type Rule,
  type RuleSet,
  ruleSetSchema,
  type RuleValue,
} from './schema';
export { sectionOf } from './sections';
export { type SourceId, sources } from './sources';
export { listRules, ruleById, ruleIn, rulesOf, UnknownRule } from './lookup';
export { describeBriefly, describeValue, RISK_WORDS } from './describe';
export { type Span, thawTime, waterRule, widened } from './thawTime';
export { AIR_MEAN_MS } from './airMean';
export { coolingMs } from './coolingTime';
export { type Guidance, type GuidanceChoice, guidanceSchema, PLAIN_GUIDANCE } from './guidance';
export { rulesFor } from './rulesFor';
export { stricter } from './stricter';
export { offersFor } from './offers';
export { ruleAt } from './tree';
export { homeRules } from './home';
export { codeRules } from './code';
export { chainRules } from './chain';
export { careRules } from './care';
