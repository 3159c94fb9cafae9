/**
 * Practice: random lives of food with one question each, dealt from the engine and judged by it. What a household has is never in
 * them.
 * Words and rounds on a screen belong to the app.
 */
export { afterAnswer, answers, deal, type Missed, type Question, roundOf } from './deal';
export { type Act, acts, type FollowUp, followUp } from './followUp';
export { type SlipId, slipIds } from './slips';
