import type { RuleSet } from '../guidance';
import { toMetres } from '../units';
import { isLost, marksAt, type Chill } from '../clocks';
import type { Fault, FoodState } from './state';

/** Food in the cold in a container no deeper than the rule is taken to cool in time unless a reading says otherwise. */
export function chillingIn(state: FoodState, at: number, depthM: number, { cooling }: RuleSet): FoodState {
  const { chill } = state;
  if (!chill || chill.closedAt !== null) return state;
  const shallow = depthM <= toMetres(cooling.depth.value.most);
  return { ...state, chill: { ...chill, shallowSince: shallow ? (chill.shallowSince ?? at) : null } };
}

/** What a cooling that lost a mark leaves behind when it is broken off without being mended; null where it lost none. */
export function coolingFault(chill: Chill, at: number, rules: RuleSet): Fault | null {
  const lost = marksAt(chill, at, rules).filter(isLost);
  if (!lost.length) return null;
  const certain = lost.some(({ status }) => status === 'missed');
  return { kind: 'coolingMissed', at, certain, ruleId: rules.cooling.firstMark.id };
}
