import type { RuleSet } from '../guidance';
import type { FoodState } from './state';
import { refrigeratorThaw } from './thawing';

/**
 * Until when fish in a pack without air has to be opened: before it may have thawed in the refrigerator, at once after water
 * (guidance §2). Null where it does not thaw.
 *
 * @returns epoch ms
 */
export function openBy(state: FoodState, rules: RuleSet): number | null {
  const { thaw, withoutAir, stage } = state;
  if (!withoutAir || !thaw || rules.thawing.withoutAir.value.yes) return null;
  if (thaw.atOnceFrom !== null) return thaw.atOnceFrom + rules.thawing.cookAtOnce.value.ms;
  if (thaw.method !== 'refrigerator') return null;
  const fastEnd = thaw.startedAt + refrigeratorThaw(state, rules).fastMs;
  return stage === 'thawing' ? fastEnd : Math.min(fastEnd, thaw.thawedAt ?? fastEnd);
}

/** The pack is opened, said or not; too late is past mending. */
export function aired(state: FoodState, at: number, rules: RuleSet): FoodState {
  if (!state.withoutAir) return state;
  const by = openBy(state, rules);
  const late = by !== null && at > by;
  const fault = {
    kind: 'withoutAir',
    at: by ?? at,
    certain: true,
    ruleId: rules.thawing.withoutAir.id,
  } as const;
  return { ...state, withoutAir: false, faults: late ? [...state.faults, fault] : state.faults };
}
