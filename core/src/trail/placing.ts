import { coolingMs, type RuleSet } from '../guidance';
import { toMetres } from '../units';
import {
  openInAir,
  uncontrolled,
  unknownAir,
  type Air,
  beginChill,
  tooLateToChill,
  closeExposure,
  openExposure,
  runningExposure,
  type Exposure,
  ledgerOf,
  pausesUntil,
} from '../clocks';
import { chillingIn } from './chilling';
import type { Place } from '../record';
import type { FoodState } from './state';

export const inTheCold = (place: Place): place is 'refrigerator' | 'freezer' =>
  place === 'refrigerator' || place === 'freezer';

/** Cold when it goes on ice: it lay in the cold and read cold there, or had the time to get so. */
const isCold = (
  { place, exposures, coolingSince, cooledAt }: FoodState,
  at: number,
  rules: RuleSet,
): boolean =>
  inTheCold(place) &&
  !runningExposure(exposures) &&
  (coolingSince === null || cooledAt !== null || at > coolingSince + coolingMs(rules));

/**
 * Moves the food and starts or ends its band clock by where it goes. Between two uncontrolled places the clock runs on;
 * so it does in the cold when it is too late to chill the food. Ice keeps cold what is cold when it goes there,
 * and chills nothing (guidance §1).
 *
 * @param at when it moved, epoch ms
 * @param air how the air counts there; by default that of air nobody measured
 */
export function goTo(
  state: FoodState,
  place: Place,
  at: number,
  rules: RuleSet,
  air: Air = unknownAir(place, {}, state, rules),
): FoodState {
  if (place === 'ice' && state.place === 'ice') return state;
  const running = runningExposure(state.exposures);
  const fromHot = running ? running.side === 'hot' : state.place === 'heat';
  const cooling = inTheCold(place) && (fromHot || state.coolingSince !== null);
  const moved: FoodState = {
    ...withChill(state, place, at),
    place,
    placeSince: at,
    spell: place === state.place ? state.spell : null,
    coolingSince: cooling ? (state.coolingSince ?? at) : null,
    cooledAt: cooling ? state.cooledAt : null,
    held: place === state.place ? state.held : null,
  };
  if (place === 'ice' && isCold(state, at, rules)) return moved;
  if (!uncontrolled(place) && place !== 'ice')
    return { ...moved, exposures: controlled(state, place, at, rules) };
  const same = running?.factor === air.factor && !running.bag && !air.bag;
  if (running && uncontrolled(state.place) && same) return moved;
  // What was too late to chill, or counted in the cold, is no better for being out again, nor does it count more slowly there.
  const slowest = running && (running.runsOn || inTheCold(state.place)) ? running.factor : 0;
  const start = {
    ledger: ledgerOf(state),
    from: at,
    place,
    side: fromHot ? 'hot' : 'cold',
    startFixed: running?.startFixed ?? false,
    ...((inTheCold(state.place) || state.place === 'ice' || running?.fromCold) && {
      fromCold: true as const,
    }),
    ...(running?.runsOn && { runsOn: true as const }),
    // Nor is what was warm in the cold.
    ...(running?.readWarm && { readWarm: true as const }),
  } as const;
  const counting = { ...air, factor: Math.max(air.factor, slowest) };
  return {
    ...moved,
    exposures: openInAir(closeExposure(state.exposures, at, 'used'), start, counting, rules),
  };
}

/** The exposures of a food that goes into heat, cold or water. Raw food that goes on the heat is used. */
function controlled(state: FoodState, place: Place, at: number, rules: RuleSet): readonly Exposure[] {
  if (place === 'gone' || (place === 'heat' && !state.cooked))
    return closeExposure(state.exposures, at, 'used');
  // Going back on the heat without leaving it changes nothing.
  if (place === 'heat' && state.place === 'heat') return state.exposures;
  return inTheCold(place) ? chilledFrom(state, at, rules) : closeExposure(state.exposures, at, 'settled');
}

/** The exposures of a food that is cold from a moment on; what is too late to chill counts on. */
export function chilledFrom(state: FoodState, at: number, rules: RuleSet): readonly Exposure[] {
  const late = tooLateToChill(state, at, rules);
  const exposures = late
    ? state.exposures.map((each) =>
        each.to === null ? { ...each, runsOn: true as const, startFixed: true } : each,
      )
    : state.exposures;
  return closeExposure(exposures, at, 'chilled');
}

/**
 * A cooling begins off the heat, or where the food had got below hot on it, and ends with leaving the cold. One that was
 * broken off and not mended goes on.
 */
function withChill(state: FoodState, place: Place, at: number): FoodState {
  if (place === 'heat') return state.place === 'heat' ? state : { ...state, chill: null };
  if (state.place === 'heat') {
    const { cook } = state;
    const held = cook?.metAt === null ? cook.heldChill : null;
    return {
      ...state,
      chill: held ?? state.chill ?? beginChill(at),
      cook: cook && { ...cook, onHeatSince: null, offHeatAt: at },
    };
  }
  const leavesCold = inTheCold(state.place) && !inTheCold(place);
  if (!state.chill || !leavesCold || state.chill.closedAt !== null) return state;
  return { ...state, chill: { ...state.chill, closedAt: at } };
}

/**
 * Puts a container into the cold. Warm food deeper than the rule goes on counting there, where the school has it so,
 * until a reading shows it cold: nobody knows how warm its middle is.
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
  const cold = chillingIn(goTo(state, place, at, rules), at, depthM, rules);
  const warm = cold.coolingSince !== null && cold.cooledAt === null;
  const marked = !rules.cooling.deepCounts.value.yes && cold.cooked;
  const counting = runningExposure(cold.exposures) !== undefined;
  if (!warm || marked || counting || depthM <= toMetres(rules.cooling.depth.value.most)) return cold;
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
  return { ...state, pauses: pausesUntil(state, at), lastThawedAt: at, frozenSince: null };
}

/** Into the freezer: the count of days pauses. */
export function freeze(state: FoodState, at: number): FoodState {
  return { ...state, frozenSince: state.frozenSince ?? at, stage: 'frozen' };
}
