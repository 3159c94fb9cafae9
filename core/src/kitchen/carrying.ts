import type { Rule, RuleSet } from '../guidance';
import { DAY_MS, isAbove, isAtMost, toCelsius, type Temperature } from '../units';
import { fromTo, KitchenProblem } from './problem';

export interface Carried {
  /** How warm the air is on the way; null: nobody knows, which counts as warm unless the month is a cool one (guidance §11.6). */
  readonly air: Temperature | null;
  readonly coolMonth: boolean;
  /** How long it was out of the cold before: in the trolley, at the till, ms. */
  readonly outMs: number;
}

/** How long chilled food may be on its way, and the rules that say so. */
export interface Carrying {
  /** From now on, ms; null where the air is as cold as a refrigerator. */
  readonly leftMs: number | null;
  /** The same in an insulated bag with two frozen packs, if the food goes in cold and is read cold at home. */
  readonly inBagMs: number | null;
  /** Warm air, in which each minute counts more than once. */
  readonly warm: boolean;
  /** Whether its last minute still counts as within. */
  readonly inclusive: boolean;
  readonly rules: readonly Rule[];
}

/** Longer than any way home. */
const LONGEST_MS = DAY_MS;
/** Colder or hotter than a car gets, °C. */
const FURTHEST_C = 80;

/**
 * How long chilled food may be out on the way from shop to refrigerator: by the time out of the cold after which it does not go back,
 * or the whole of it where that is shorter. A bag puts off the beginning and is not warranted to: the food is read at home.
 *
 * @throws KitchenProblem
 */
export function carryingTime({ air, coolMonth, outMs }: Carried, rules: RuleSet): Carrying {
  if (air !== null && !(Math.abs(toCelsius(air)) <= FURTHEST_C))
    throw new KitchenProblem(fromTo(-FURTHEST_C, FURTHEST_C), 'air');
  if (!(outMs >= 0 && outMs <= LONGEST_MS)) throw new KitchenProblem('From none to a day.', 'out');
  const { limit, chillAgain, warmAir, warmAirFactor, insulatedBag } = rules.bandTime;
  const warm = air === null ? !coolMonth : isAbove(air, warmAir.value.at);
  const factor = warm ? warmAirFactor.value.times : 1;
  const again = chillAgain.value.ms < limit.value.ms;
  const wholeMs = Math.min(chillAgain.value.ms, limit.value.ms);
  const cold = air !== null && isAtMost(air, rules.bands.refrigerator.value.at);
  const leftMs = cold ? null : Math.max(0, wholeMs / factor - outMs);
  return {
    leftMs,
    inBagMs: leftMs === null || leftMs === 0 ? leftMs : leftMs + insulatedBag.value.ms,
    warm,
    inclusive: again ? chillAgain.value.inclusive : true,
    rules: [again ? chillAgain : limit, ...(warm ? [warmAirFactor] : []), insulatedBag],
  };
}
