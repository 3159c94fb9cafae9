/**
 * How things are done where no figure rules: the topics a cook reads, and what of them is told beside a step, each with why.
 * Whatever has a number is a rule, and stands in `guidance`.
 */
export { type ActBeside, actsBeside, type Handled, traitsOf } from './beside';
export { heatingSteps, type HeatWay, waysToHeat } from './reheating';
export { type Act, type Moment, moments, practice, type PracticeTopic, type Trait } from './topics';
