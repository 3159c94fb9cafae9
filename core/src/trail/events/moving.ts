import { withPartCook } from '../cooking';
import { intoFreezer, movedTo, outOfMethod } from '../moves';
import { putInCold, unfreeze } from '../placing';
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
      labelSays: null,
      plan: null,
    };
    return place === 'freezer' ? intoFreezer(stored, at, rules) : stored;
  },
  moved: (state, { at, payload: { place, ...how } }, rules) => {
    const { shelf, covered } = how;
    if (place === state.place && place === 'refrigerator')
      return { ...state, shelf: shelf ?? state.shelf, covered: covered ?? state.covered };
    const moved = movedTo(state, place, at, rules, how);
    return { ...moved, shelf: shelf ?? null, covered: covered ?? state.covered };
  },
};

function stageInStore(state: FoodState): Stage {
  if (state.cooked) return 'stored';
  if (!state.thaw) return 'raw';
  return state.thaw.thawedAt === null ? 'thawing' : 'thawed';
}
