/**
 * Small instruments that work something out: a figure in, a figure out, by a rule and its limits.
 * Each is a file of its own; what a screen remembers of it belongs to the screen.
 */
export {
  bleachFor,
  type Fit,
  type Mix,
  MixProblem,
  type Mixed,
  mixed,
  ppmWords,
  type Range,
  STRONGEST_PERCENT,
  waterFor,
} from './sanitiser';
