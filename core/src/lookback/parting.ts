import { judge, type JudgeContext } from '../judge';
import { labelDateOf } from '../label';
import { settle, type FoodEvent } from '../record';
import { foldTrail, type Histories } from '../trail';
import { DAY_MS } from '../units';
import { causeOf, type Cause } from './causes';

/** A food that left the kitchen, or a part of one, as it stood when it did. */
export interface Parting {
  readonly foodId: string;
  readonly name: string;
  readonly massKg: number;
  readonly at: number;
  readonly how: 'eaten' | 'discarded';
  /** Why it was thrown away; null where it was eaten. */
  readonly cause: Cause | null;
  /** It was eaten with less than a day of its days left. */
  readonly nearly: boolean;
}

/** What left a household's kitchen since a moment, the latest first. */
export interface LookBack {
  readonly since: number;
  readonly partings: readonly Parting[];
}

/**
 * How a food left, ruled on as the judge would have ruled just then, by the guidance that is followed now.
 *
 * @param events the food's own history
 * @param others the histories of the foods it came from
 * @returns null where it did not leave, or never came
 * @throws BrokenTrail when a history lacks its beginning
 */
export function partingOf(
  events: readonly FoodEvent[],
  others: Histories,
  context: Omit<JudgeContext, 'now'>,
): Parting | null {
  const settled = settle(events);
  const left = settled.findLast(({ type }) => type === 'eaten' || type === 'discarded');
  if (!left) return null;
  const before = settled.filter(({ id }) => id !== left.id);
  const state = before.length ? foldTrail(before, context.guidance, others) : null;
  const then = { ...context, now: left.at };
  const ruling = state && judge(state, then);
  if (!ruling) return null;
  const { foodId, name, massKg } = state;
  const eaten = left.type === 'eaten';
  const says = labelDateOf(state, then);
  const leftMs = says.kind === 'useBy' ? says.at - left.at : Infinity;
  return {
    foodId,
    name,
    massKg,
    at: left.at,
    how: eaten ? 'eaten' : 'discarded',
    cause: eaten ? null : causeOf(ruling),
    nearly: eaten && leftMs >= 0 && leftMs < DAY_MS,
  };
}
