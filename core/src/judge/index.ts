export { byEatNext } from './eatNext';
export { type JudgeContext, zonesOf } from './finding';
export { judge } from './judge';
export { judgeLately } from './lately';
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
