import type { RuleSet } from '../guidance';
import { placesStanding } from '../clocks';
import { goalOf } from './cookReadings';
import type { FoodState } from './state';

/** Notes a fault when food goes into the cold with its cook not done, or not known to be: it is not kept to be finished. */
export function withPartCook(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { cook, cooked, faults } = state;
  if (!cook || cooked || cook.kind !== 'cook' || cook.metAt !== null) return state;
  const target = goalOf(state, rules);
  // A place that was too low is known; one that was not read is asked for.
  const certain = target !== null && placesStanding(cook.readings, target).some(({ passed }) => !passed);
  return {
    ...state,
    faults: [...faults, { kind: 'partCooked', at, certain, ruleId: rules.cooking.interrupting.id }],
  };
}
