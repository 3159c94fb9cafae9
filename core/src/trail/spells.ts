import { closeExposure, openExposure, runningExposure } from './exposure';
import { inTheCold } from './placing';
import { ledgerOf, type FoodState } from './state';

/**
 * The store a food is in was found too warm: until the food itself is read, its clock runs from the last good record of the
 * store (guidance §11.18). Nobody knows how warm the food is, so this alone never condemns it.
 *
 * @param since when the store was last known to be right, epoch ms
 */
export function beginSpell(state: FoodState, since: number): FoodState {
  if (!inTheCold(state.place) || runningExposure(state.exposures)) return state;
  const from = Math.max(since, state.placeSince, state.lastGood?.at ?? 0);
  return {
    ...state,
    exposures: openExposure(state.exposures, {
      ledger: ledgerOf(state),
      from,
      place: state.place,
      side: 'cold',
      startFixed: true,
      certain: false,
      spell: true,
    }),
  };
}

/** The store is right again. */
export function endSpell(state: FoodState, at: number): FoodState {
  return runningExposure(state.exposures)?.spell
    ? { ...state, exposures: closeExposure(state.exposures, at, 'settled') }
    : state;
}

/** Food that reads cold while its store is warm was cold all along: in warm air it only gets warmer. */
export function settleSpell(state: FoodState, at: number): FoodState {
  if (!runningExposure(state.exposures)?.spell) return state;
  const exposures = state.exposures.map((each) => (each.to === null ? { ...each, from: at } : each));
  return { ...state, exposures };
}
