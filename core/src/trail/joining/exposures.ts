import {
  bandLimit,
  bandTime,
  chillLimit,
  type Exposure,
  knownPast,
  type Ledger,
  ledgerOf,
  runningExposure,
} from '../../clocks';
import type { RuleSet } from '../../guidance';
import type { FoodState } from '../state';
import { earliest } from './either';

/**
 * On each ledger as the worse of both. Raw in cooked makes the whole raw: what the cooked one has stood is stood on the raw
 * ledger too, and counts on there.
 */
export function worseExposures(a: FoodState, b: FoodState, at: number): readonly Exposure[] {
  const on = (ledger: Ledger, { exposures }: FoodState) => exposures.filter((each) => each.ledger === ledger);
  const made = worseOn('cooked', on('cooked', a), on('cooked', b), at);
  const raw = worseOn('raw', on('raw', a), on('raw', b), at);
  const asRaw = on('cooked', a.cooked ? a : b).map((each) => ({ ...each, ledger: 'raw' as const }));
  const mixed = a.cooked !== b.cooked;
  const whole = [...(mixed ? worseOn('raw', raw, asRaw, at) : raw), ...made];
  const parts = [a, b];
  const moved = parts.every((each) => mayMove(each, whole, at)) ? whole : whole.map(fixed);
  return parts.some(runsCold) ? moved.map(partCold) : moved;
}

/** Whether a food came out cold, to be eaten so. */
function runsCold({ exposures }: FoodState): boolean {
  const running = runningExposure(exposures);
  return running !== undefined && (running.side === 'cold' || running.fromCold === true);
}

/** What was out cold is no less so for what is hot and was put to it. */
const partCold = (each: Exposure): Exposure =>
  each.to === null && each.side === 'hot' ? { ...each, fromCold: true } : each;

const fixed = (each: Exposure): Exposure => (each.to === null ? { ...each, startFixed: true } : each);

/**
 * Whether a good reading of the whole may move the start of what runs without forgetting what a part has stood: that part
 * runs as well, its own start may move, and all else it stood the whole has stood.
 */
function mayMove(part: FoodState, whole: readonly Exposure[], at: number): boolean {
  const running = runningExposure(part.exposures);
  if (!running || running.startFixed || running.side !== runningExposure(whole)?.side) return false;
  const before = (exposures: readonly Exposure[]) =>
    bandTime(
      exposures.filter(({ to }) => to !== null),
      running.ledger,
      at,
    );
  const [own, all] = [before(part.exposures), before(whole)];
  return own.certainMs <= all.certainMs && own.allMs <= all.allMs;
}

/**
 * On a ledger: what is certain of the one with more of it, and all of the one with more in all, certain or not. So the whole
 * has at least as much as either, of both.
 */
function worseOn(
  ledger: Ledger,
  ofA: readonly Exposure[],
  ofB: readonly Exposure[],
  at: number,
): readonly Exposure[] {
  const [timeA, timeB] = [bandTime(ofA, ledger, at), bandTime(ofB, ledger, at)];
  const [moreCertain, lessCertain] = timeA.certainMs >= timeB.certainMs ? [ofA, ofB] : [ofB, ofA];
  const most = timeA.allMs >= timeB.allMs ? ofA : ofB;
  const certain = moreCertain.filter((each) => each.certain);
  const inAll =
    most === moreCertain
      ? most.filter((each) => !each.certain)
      : most.map((each) => ({ ...each, certain: false }));
  // Less so far, and still counting: the whole counts on.
  return [...lessCertain, ...(most === ofA ? ofB : ofA)]
    .filter(({ to }) => to === null)
    .reduce(
      (whole: readonly Exposure[], each) =>
        whole.some((other) => runsAs(other, each))
          ? whole
          : [...whole, { ...each, from: Math.max(each.from, at) }],
      [...certain, ...inAll],
    );
}

/** Whether a stretch runs that is as bad as another one. */
const runsAs = (one: Exposure, other: Exposure): boolean =>
  one.to === null &&
  one.factor >= other.factor &&
  (one.certain || !other.certain) &&
  (one.runsOn === true || other.runsOn !== true) &&
  (one.readWarm === true || other.readWarm !== true);

/** Since when a food was known to be past what may be chilled, certain or not. */
export function pastSinceOf(food: FoodState, at: number, rules: RuleSet): number | null {
  const limitMs = Math.min(bandLimit(food, rules).value.ms, chillLimit(food, rules).ms);
  const past = knownPast(food.exposures, ledgerOf(food), limitMs);
  return earliest([food.pastSince, past !== null && past <= at ? past : null]);
}
