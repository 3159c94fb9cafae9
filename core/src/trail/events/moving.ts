import { unknownAir, leftMethod } from '../../clocks';
import { withPartCook } from '../cooking';
import { withCountsClosed, withDaysUsed } from '../counts';
import { freeze, goTo, inTheCold, putInCold, unfreeze } from '../placing';
import { beginThaw } from '../thawing';
import type { RuleSet } from '../../guidance';
import type { FoodState, Stage } from '../state';
import type { HandlersOf } from './handler';

/** From place to place. */
export const moving: HandlersOf<'putAway' | 'moved'> = {
  putAway: (state, { at, payload: { place, portions, depthM, shelf, covered } }, rules) => {
    const kept = withPartCook(unfreeze(outOfMethod(state, at), at), at, rules);
    const cold = putInCold(kept, at, place, depthM, rules);
    const stored: FoodState = {
      ...cold,
      stage: stageInStore(cold),
      container: { portions, depthM },
      shelf: shelf ?? null,
      covered: covered ?? cold.covered,
      labelled: false,
      plan: null,
    };
    return place === 'freezer' ? intoFreezer(stored, at, rules) : stored;
  },
  moved: (state, { at, payload }, rules) => {
    const { place, shelf, covered } = payload;
    if (place === state.place && place === 'refrigerator')
      return { ...state, shelf: shelf ?? state.shelf, covered: covered ?? state.covered };
    const out = outOfMethod(state, at);
    const before = inTheCold(place) ? withPartCook(out, at, rules) : out;
    const { container } = before;
    // What goes back into the cold as it was is as deep as it was.
    const put =
      inTheCold(place) && !inTheCold(before.place) && container
        ? putInCold(before, at, place, container.depthM, rules)
        : goTo(before, place, at, rules, unknownAir(place, payload, before, rules));
    const moved: FoodState = {
      ...put,
      shelf: shelf ?? null,
      covered: covered ?? state.covered,
    };
    if (place === 'freezer') return intoFreezer(moved, at, rules);
    if (state.stage !== 'frozen') return moved;
    // Frozen food that leaves the freezer begins to thaw, whether or not anyone said so.
    return moved.cooked
      ? { ...unfreeze(moved, at), stage: 'stored' }
      : beginThaw(moved, { method: 'refrigerator' }, at);
  },
};

/** It leaves the water or the microwave before anybody found it thawed. */
const outOfMethod = (state: FoodState, at: number): FoodState =>
  state.thaw && state.stage === 'thawing' ? { ...state, thaw: leftMethod(state.thaw, at) } : state;

/** Into the freezer; raw food that was thawed goes back only as the school allows. */
function intoFreezer(state: FoodState, at: number, rules: RuleSet): FoodState {
  const closed = withDaysUsed(withCountsClosed(state, at, rules), at, rules);
  const { afterRefrigerator, afterWaterOrMicrowave } = rules.refreezing;
  const rule = state.thaw?.method === 'refrigerator' ? afterRefrigerator : afterWaterOrMicrowave;
  const again = state.thaw !== null && !state.cooked && state.frozenSince === null && !rule.value.yes;
  const faults = again
    ? [...closed.faults, { kind: 'refrozen', at, certain: true, ruleId: rule.id } as const]
    : closed.faults;
  return freeze({ ...closed, faults }, at);
}

function stageInStore(state: FoodState): Stage {
  if (state.cooked) return 'stored';
  if (!state.thaw) return 'raw';
  return state.thaw.thawedAt === null ? 'thawing' : 'thawed';
}
