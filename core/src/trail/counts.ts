import type { RuleSet } from '../guidance';
import { livesOf, printedEnd, thawedAt } from '../clocks';
import type { FoodState } from './state';

/** Raw food is frozen again: what it has used of its days since it was thawed stays used (guidance §11.31). */
export function withDaysUsed(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { thaw } = state;
  if (!thaw || state.cooked || state.frozenSince !== null) return state;
  const usedMs = Math.max(0, at - (thawedAt(state, rules) ?? at));
  return {
    ...state,
    thaw: { ...thaw, usedMs: thaw.usedMs + usedMs, keptMs: thaw.keptMs + usedMs, thawedAt: null },
  };
}

/** Closes the counts of a food at a moment that ends them: cooking, heating or freezing it. */
export function withCountsClosed(state: FoodState, at: number, rules: RuleSet): FoodState {
  if (state.frozenSince !== null) return state;
  const closed = livesOf(state, rules).map(({ rule, ...count }) => ({ ...count, at, ruleId: rule.id }));
  const endsAt = printedEnd(state);
  const fault = { kind: 'pastPrinted', at, certain: true, ruleId: rules.printedDate.id } as const;
  return {
    ...state,
    closedCounts: [...state.closedCounts, ...closed],
    faults: endsAt !== null && at > endsAt ? [...state.faults, fault] : state.faults,
  };
}

/** Takes in since when a food's days count, for a count closed without that too. */
export function withDate(state: FoodState, since: number): FoodState {
  const asked = state.closedCounts.some(({ startedAt }) => startedAt === null);
  const { cook } = state;
  const before = cook?.before && { ...cook.before, daysFrom: cook.before.daysFrom ?? since };
  return {
    ...state,
    cook: cook && { ...cook, before: before ?? null },
    closedCounts: state.closedCounts.map((count) => ({ ...count, startedAt: count.startedAt ?? since })),
    // After a cook the days count from it; the date that was missing is that of the raw food.
    daysFrom: asked && state.daysFrom !== null ? state.daysFrom : since,
  };
}
