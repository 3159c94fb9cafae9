import { foodById } from '../foods';
import type { DurationRange, Rule, RuleSet } from '../guidance';
import type { Fault, FoodState } from './state';
import { refrigeratorThaw } from './thawing';

/** How long a food keeps in the refrigerator, and since when it counts. */
export interface Life {
  readonly rule: Rule<DurationRange>;
  /** When the count began, moved on by the time spent frozen; null when nobody knows. */
  readonly startedAt: number | null;
  readonly lowMs: number;
  readonly highMs: number;
}

/** The count that rules on a food at present; null while it is still thawing and no day of it counts. */
export function lifeOf(state: FoodState, rules: RuleSet): Life | null {
  const food = foodById(state.foodKey);
  const storage =
    rules.storage[state.cooked ? food.cookedStorage : (food.rawStorage ?? food.cookedStorage)].refrigerator;
  const plain = (startedAt: number | null): Life => ({ rule: storage, startedAt, ...limits(storage.value) });
  if (state.cooked || !state.thaw)
    return plain(state.daysFrom === null ? null : state.daysFrom + state.frozenMs);

  // The smaller of the limit after thawing and the days left from before freezing.
  const after = rules.afterThaw[food.afterThaw];
  const left = storage.value.highMs - state.thaw.usedMs;
  const startedAt = thawedAt(state, rules);
  if (left >= after.value.highMs) return { rule: after, startedAt, ...limits(after.value) };
  return {
    rule: storage,
    startedAt,
    lowMs: Math.max(0, Math.min(left, after.value.lowMs)),
    highMs: Math.max(0, left),
  };
}

const limits = ({ lowMs, highMs }: DurationRange) => ({ lowMs, highMs });

/** The "thawed" tick, or the fast end of the window where nobody ticked (guidance §11.9). */
function thawedAt(state: FoodState, rules: RuleSet): number | null {
  const { thaw, daysFrom } = state;
  if (thaw!.thawedAt !== null) return thaw!.thawedAt;
  if (daysFrom === null) return null;
  const fastMs = thaw!.method === 'refrigerator' ? refrigeratorThaw(state, rules).fastMs : 0;
  return thaw!.startedAt + fastMs;
}

/**
 * Notes a fault when the days of a food were over, or nobody knew since when they count, at a moment that ends the count:
 * cooking, heating or freezing it does not bring days back.
 *
 * @param at epoch ms
 */
export function withDaysChecked(state: FoodState, at: number, rules: RuleSet): FoodState {
  if (state.frozenSince !== null) return state;
  const life = lifeOf(state, rules);
  if (!life) return state;
  const { startedAt, highMs, rule } = life;
  if (startedAt !== null && at <= startedAt + highMs) return state;
  const fault: Fault = {
    kind: 'keptTooLong',
    at,
    certain: startedAt !== null,
    ...(startedAt === null && { unlessSince: at - highMs - state.frozenMs }),
    ruleId: rule.id,
  };
  return { ...state, faults: [...state.faults, fault] };
}

/** Takes in since when a food's days count: what only the missing date made a fault is one for certain, or none. */
export function withDate(state: FoodState, since: number): FoodState {
  const asked = state.faults.some(({ unlessSince }) => unlessSince !== undefined);
  const faults = state.faults.flatMap(({ unlessSince, ...fault }) =>
    unlessSince === undefined ? [fault] : since >= unlessSince ? [] : [{ ...fault, certain: true }],
  );
  // After a cook the days count from it; the date that was missing is that of the raw food.
  return { ...state, faults, daysFrom: asked && state.daysFrom !== null ? state.daysFrom : since };
}
