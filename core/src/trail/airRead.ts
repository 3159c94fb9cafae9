import type { RuleSet } from '../guidance';
import { isAbove, type Temperature } from '../units';
import { uncontrolled, runningExposure } from '../clocks';
import type { FoodState } from './state';

/** The air was measured where the food stands: warm air has been so since it came there, cool air is so from now on. */
export function withAir(state: FoodState, at: number, air: Temperature, { bandTime }: RuleSet): FoodState {
  const running = runningExposure(state.exposures);
  if (!running || !(uncontrolled(state.place) || state.place === 'ice')) return state;
  const warm = isAbove(air, bandTime.warmAir.value.at);
  const factor = warm ? bandTime.warmAirFactor.value.times : 1;
  if (factor === running.factor) return state;
  const from = Math.max(running.from, warm ? state.placeSince : at);
  return {
    ...state,
    exposures: state.exposures.flatMap((each) =>
      each === running
        ? [
            { ...each, to: from },
            { ...each, from, factor },
          ]
        : [each],
    ),
  };
}
