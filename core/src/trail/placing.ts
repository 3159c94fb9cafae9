import type { RuleSet } from '../guidance';
import { toMetres } from '../units';
import type { Place } from './events';
import { closeExposure, openExposure, runningExposure } from './exposure';
import { ledgerOf, type FoodState } from './state';

/** Places where nothing keeps the food cold or hot. */
const uncontrolled = (place: Place): boolean => place === 'counter' || place === 'car' || place === 'table';

const inTheCold = (place: Place): boolean => place === 'refrigerator' || place === 'freezer';

/**
 * Moves the food and starts or ends its band clock by where it goes. Between two uncontrolled places the clock runs on.
 *
 * @param at when it moved, epoch ms
 * @param factor how often a minute counts there
 */
export function goTo(state: FoodState, place: Place, at: number, factor = 1): FoodState {
  const running = runningExposure(state.exposures);
  const fromHot = running ? running.side === 'hot' : state.place === 'heat';
  const cooling = inTheCold(place) && (fromHot || state.coolingSince !== null);
  const moved: FoodState = {
    ...state,
    place,
    placeSince: at,
    coolingSince: cooling ? (state.coolingSince ?? at) : null,
    cooledAt: cooling ? state.cooledAt : null,
  };
  if (!uncontrolled(place)) return { ...moved, exposures: closeExposure(state.exposures, at) };
  if (running && uncontrolled(state.place) && running.factor === factor) return moved;
  return {
    ...moved,
    exposures: openExposure(closeExposure(state.exposures, at), {
      ledger: ledgerOf(state),
      from: at,
      place,
      factor,
      side: fromHot ? 'hot' : 'cold',
      startFixed: running?.startFixed ?? false,
    }),
  };
}

/**
 * Puts a container into the cold. Warm food deeper than the rule goes on counting there until a reading shows it cold:
 * nobody knows how warm its middle is.
 *
 * @param depthM depth of the food in its container, m
 */
export function putInCold(
  state: FoodState,
  at: number,
  place: 'refrigerator' | 'freezer',
  depthM: number,
  rules: RuleSet,
): FoodState {
  const cold = goTo(state, place, at);
  const warm = cold.coolingSince !== null && cold.cooledAt === null;
  if (!warm || depthM <= toMetres(rules.cooling.depth.value.most)) return cold;
  const deep = {
    ledger: ledgerOf(state),
    from: at,
    place,
    side: 'hot',
    startFixed: true,
    certain: false,
  } as const;
  return { ...cold, exposures: openExposure(cold.exposures, deep) };
}

/** Out of the freezer: the pause in the count of days ends. */
export function unfreeze(state: FoodState, at: number): FoodState {
  if (state.frozenSince === null) return state;
  return { ...state, frozenMs: state.frozenMs + Math.max(0, at - state.frozenSince), frozenSince: null };
}

/** Into the freezer: the count of days pauses. */
export function freeze(state: FoodState, at: number): FoodState {
  return { ...state, frozenSince: state.frozenSince ?? at, stage: 'frozen' };
}
