/**
 * What is ruled: one check an idea, each of which can only make a ruling worse; the judge takes the worst; what to eat
 * next.
 * What happened and what runs is read here and never changed; numbers are asked of `guidance`.
 */
export { type BatchAtHand, batchesAtHand } from './batchesAtHand';
export { type EatenCold, eatenCold } from './eatenCold';
export { byEatNext } from './eatNext';
export { type JudgeContext, zonesOf } from './finding';
export { judge } from './judge';
export { type Keeping, keepingOf } from './keeping';
export { judgeLately } from './lately';
export { notForCare, shownAs } from './notFor';
export {
  type ActionKind,
  type Deadline,
  type Reason,
  type Ruling,
  severity,
  type Verdict,
  VERDICT_WORDS,
  verdicts,
} from './ruling';
