import type { RuleSet } from '../guidance';
import type { FoodState } from './state';
import { openBy } from '../clocks';

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
