import type { Rule, RuleSet } from '../guidance';
import type { Place } from '../record';
import { bandTime, ledgerOf, type Exposure } from './exposure';
import { bandLimit, kindsOf, mindsTheBand, type Kinds } from './foodRules';
import type { ThawState } from './thaw';

/** Until when a food that stood in the growth band may go back into the cold. */
export interface ChillLimit {
  readonly rule: Rule;
  readonly ms: number;
  /** Whether the limit itself still counts as within. */
  readonly inclusive: boolean;
  /** Whether cold food that was put out to eat may go back at all. */
  readonly served: boolean;
}

/** Where a food is, and how it came there. */
interface Standing {
  readonly place: Place;
  readonly cooked: boolean;
  /** Raw, and cooked food was put to it. */
  readonly withCooked: boolean;
  readonly thaw: Pick<ThawState, 'warmFrom'> | null;
}

/** By a food's kinds: cooked rice has a limit of its own, also in what raw food was put to. */
export function chillLimit(
  state: Kinds & Pick<Standing, 'cooked' | 'withCooked'>,
  { bandTime, cooling }: RuleSet,
): ChillLimit {
  const { chillAgain } = bandTime;
  const { ms, inclusive, served } = chillAgain.value;
  const rice =
    (state.cooked || state.withCooked) &&
    kindsOf(state).some((food) => food.cookedStorage === 'cookedRice' || food.alsoKeepsAs === 'cookedRice');
  return rice && cooling.rice.value.ms < ms
    ? { rule: cooling.rice, ms: cooling.rice.value.ms, inclusive: true, served }
    : { rule: chillAgain, ms, inclusive, served };
}

/** Whether a time in the band is past what may go back into the cold. */
export const isPast = ({ ms, inclusive }: ChillLimit, bandMs: number): boolean =>
  inclusive ? bandMs > ms : bandMs >= ms;

/** Where cold food is out to be eaten; on ice it is so once it got warm there. */
const PUT_OUT: ReadonlySet<Place> = new Set(['table', 'outdoors', 'ice']);

/** Whether a stretch is that of cold food that is out to be eaten, or that got warm in water, where such food does not go back. */
export const isEatenCold = (
  { to, side, fromCold, unread }: Exposure,
  state: Standing,
  { served }: ChillLimit,
): boolean =>
  to === null &&
  !unread &&
  (PUT_OUT.has(state.place) || isWarmedInWater(state)) &&
  (side === 'cold' || fromCold === true) &&
  !served;

/** What is eaten as it is, thaws in water, and was read warm there (guidance §2). */
export const isWarmedInWater = ({ place, cooked, thaw }: Standing): boolean =>
  place === 'water' && cooked && thaw !== null && thaw.warmFrom !== null;

/** Whether a food put into the cold at a moment goes on counting there, because it is too late to chill it. */
export function tooLateToChill(
  state: Kinds & Standing & { readonly sealed: boolean; readonly exposures: readonly Exposure[] },
  at: number,
  rules: RuleSet,
): boolean {
  if (!mindsTheBand(state)) return false;
  const limit = chillLimit(state, rules);
  const { certainMs } = bandTime(state.exposures, ledgerOf(state), at);
  // Past the limit of all it is thrown away, and there is nothing left to count.
  if (certainMs > bandLimit(state, rules).value.ms) return false;
  return state.exposures.some((each) => isEatenCold(each, state, limit)) || isPast(limit, certainMs);
}
