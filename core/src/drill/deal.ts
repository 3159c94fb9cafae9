import { chances, type Chance } from '../chance';
import { judge, type JudgeContext, type Ruling, type Verdict, verdicts } from '../judge';
import type { EventType, FoodEvent, Payload } from '../record';
import { foldTrail, type FoodState } from '../trail';
import { MINUTE_MS } from '../units';
import { SLIPS, slipIds, type SlipId } from './slips';

/** A life that is told, and what is ruled on it now. */
export interface Question {
  readonly slip: SlipId;
  readonly events: readonly FoodEvent[];
  readonly state: FoodState;
  readonly ruling: Ruling;
}

/** Times are told in steps of five minutes: what would be ruled otherwise so near by is no fair question. */
const FAIR_MS = 5 * MINUTE_MS;
/** More lives than any slip needs until one is fair. */
const TRIES = 60;

/**
 * Deals a question out of the engine itself: a random life of the slip, which has one ruling now and a few minutes on either side.
 *
 * @param seed the same seed deals the same life
 * @throws Error where no life of the slip is fair, which tests rule out
 */
export function deal(slip: SlipId, seed: number, context: JudgeContext): Question {
  const chance = chances(seed);
  for (let tried = 0; tried < TRIES; tried++) {
    const events = lifeOf(slip, chance, context.now);
    const state = foldTrail(events, context.guidance);
    const ruling = state && judge(state, context);
    if (ruling && isFair(state, ruling, context)) return { slip, events, state, ruling };
  }
  throw new Error(`No fair life of ${slip}.`);
}

const isFair = (state: FoodState, { verdict, action }: Ruling, context: JudgeContext): boolean =>
  [-FAIR_MS, FAIR_MS].every((by) => {
    const near = judge(state, { ...context, now: context.now + by });
    return near?.verdict === verdict && near.action.kind === action.kind;
  });

function lifeOf(slip: SlipId, chance: Chance, now: number): readonly FoodEvent[] {
  let serial = 0;
  const newId = () => `00000000-0000-7000-8000-${(serial += 1).toString(16).padStart(12, '0')}`;
  const foodId = newId();
  const event = <Type extends EventType>(agoMs: number, type: Type, payload: Payload<Type>): FoodEvent =>
    ({ id: newId(), foodId, at: now - agoMs, type, payload }) as FoodEvent;
  return SLIPS[slip]({ chance, now, event });
}

/** How often each slip was asked and answered wrongly, on this device. */
export type Missed = Partial<Record<SlipId, number>>;

/** What a slip that was missed comes up more often than others, each time it was. */
const AGAIN = 3;

/** The slips of a round, what one gets wrong more often than the rest; none twice. */
export function roundOf(size: number, missed: Missed, chance: Chance): readonly SlipId[] {
  const left = [...slipIds];
  const dealt: SlipId[] = [];
  while (dealt.length < size && left.length > 0) {
    const weights = left.map((id) => 1 + AGAIN * (missed[id] ?? 0));
    let at = chance() * weights.reduce((a, b) => a + b, 0);
    const index = Math.max(
      0,
      weights.findIndex((weight) => (at -= weight) < 0),
    );
    dealt.push(...left.splice(index, 1));
  }
  return dealt;
}

/** What is remembered after an answer: one more miss, or one less where it was right. */
export const afterAnswer = (missed: Missed, slip: SlipId, right: boolean): Missed => ({
  ...missed,
  [slip]: Math.max(0, Math.min(MOST_MISSED, (missed[slip] ?? 0) + (right ? -1 : 1))),
});
const MOST_MISSED = 5;

/** What may be answered. */
export const answers: readonly Verdict[] = verdicts;
