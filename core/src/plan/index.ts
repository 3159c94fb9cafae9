/**
 * Ways to the table for one food: methods and their windows, the schedule of an accepted plan, what is next, the
 * rescue.
 * Several foods, hands and places together are a meal, and not here.
 */
export { checkPlanInput, type Condition, type Method, methods, type PlanInput, PlanProblem } from './input';
export { cookSpan, inMicrowave, thawSpan } from './spans';
export { roastingTime, type RoastingTime } from './roastingTime';
export { compareMethods, type MethodPlan, type Obstacle, type Way, wayOf } from './compareMethods';
export {
  leftOutMs,
  ovenOf,
  type Schedule,
  scheduleOf,
  type Step,
  type StepKind,
  stepKinds,
} from './schedule';
export { stepWords, type StepWords, thawWords } from './stepWords';
export { METHOD_WORDS, methodTimes, methodWindow, obstacleWords, thawGrounds } from './methodWords';
export { type Rescue, rescueOf } from './rescue';
export { type AgendaItem, type AgendaLine, agendaOf } from './agenda';
export { type DueMark, nextMark } from './coolingMarks';
export type { IcyWay } from './icyRescue';
