import type { RuleSet } from '../guidance';
import { isAtLeast, type Temperature } from '../units';
import {
  marksAt,
  type Chill,
  type MarkStatus,
  chillLimit,
  bandTime,
  knownPast,
  type Exposure,
  type Ledger,
  ledgerOf,
  bandLimit,
  lifeAfterThaw,
  pausedMs,
  type ThawState,
  type TrailReading,
  thawedAt,
  mindsTheBand,
} from '../clocks';
import { goTo } from './placing';
import type { FoodState, Printed } from './state';

/**
 * Two foods put together: from here on it is as the worse of both in everything, and of every kind and part of both. Raw in
 * cooked makes the whole raw (guidance §11.24).
 *
 * @param other the food that is put to `state`, as it was
 * @param at epoch ms
 */
export function worseOfBoth(state: FoodState, other: FoodState, at: number, rules: RuleSet): FoodState {
  // Where it is already, whatever runs there runs on.
  const moved = other.place === state.place ? other : goTo(other, state.place, at, rules);
  const older = olderOf(state, moved);
  const raw = [state, moved].find(({ cooked }) => !cooked);
  const carried = raw ? raw.cook : state.cook;
  const parts = [...new Set([...state.parts, moved.foodKey, ...moved.parts])];
  return {
    ...state,
    massKg: state.massKg + moved.massKg,
    parts: parts.filter((kind) => kind !== state.foodKey),
    cooked: raw === undefined,
    withCooked: raw !== undefined && [state, moved].some(({ cooked, withCooked }) => cooked || withCooked),
    stage: raw?.stage ?? state.stage,
    cameAt: Math.min(state.cameAt, moved.cameAt),
    unopened: false,
    heatFirst: state.heatFirst || moved.heatFirst,
    through: state.through && moved.through,
    outUnknown: state.outUnknown || moved.outUnknown,
    printed: soonerPrinted(state.printed, moved.printed),
    withoutAir: state.withoutAir || moved.withoutAir,
    doubtful: moreDoubtful(state.doubtful, moved.doubtful),
    daysFrom: older.daysFrom,
    pauses: older.pauses,
    thaw: worseThaw(state, moved, rules),
    partFresh: state.partFresh || moved.partFresh || (state.thaw === null) !== (moved.thaw === null),
    cook: carried,
    exposures: worseExposures(state, moved, at),
    pastSince: earliest([state, moved].map((each) => pastSinceOf(each, at, rules))),
    faults: eachOnce([...state.faults, ...moved.faults, ...brokenOff([state, moved], carried, at, rules)]),
    closedCounts: eachOnce([...state.closedCounts, ...moved.closedCounts]),
    chill: worseChill(state.chill, moved.chill, at, rules),
    coolingSince: later(state.coolingSince, moved.coolingSince),
    cooledAt:
      state.coolingSince === null ? moved.cooledAt : moved.coolingSince === null ? state.cooledAt : null,
    spell: state.spell ?? moved.spell,
    ...worseRead(state, moved),
    rescues: Math.max(state.rescues, moved.rescues),
    reheats: Math.max(state.reheats, moved.reheats),
    container: state.container &&
      moved.container && {
        portions: state.container.portions + moved.container.portions,
        depthM: Math.max(state.container.depthM, moved.container.depthM),
      },
    labelled: false,
  };
}

/** A reheat that had not reached its mark, and is no more: never heated through (guidance §11.26). */
function brokenOff(
  foods: readonly FoodState[],
  carried: FoodState['cook'],
  at: number,
  { reheating }: RuleSet,
): FoodState['faults'] {
  return foods
    .filter((food) => food.cook && food.cook !== carried && food.cook.kind !== 'cook')
    .filter((food) => food.cook!.metAt === null && mindsTheBand(food))
    .map(() => ({ kind: 'notReheated', at, certain: true, ruleId: reheating.within.id }));
}

/** What both have from the same whole counts once. */
const eachOnce = <Fact>(facts: readonly Fact[]): readonly Fact[] => [
  ...new Map(facts.map((fact) => [JSON.stringify(fact), fact])).values(),
];

/** Of the readings of both the one that is no good, if one is; else the older good one. */
function worseRead(a: FoodState, b: FoodState): Pick<FoodState, 'lastReading' | 'lastGood'> {
  const bad = [a, b].find(
    ({ lastReading, lastGood }) => lastReading && (!lastGood || lastReading.at > lastGood.at),
  );
  if (bad) return { lastReading: bad.lastReading, lastGood: null };
  const older = a.lastGood && b.lastGood && (a.lastGood.at <= b.lastGood.at ? a : b);
  return { lastReading: older?.lastReading ?? null, lastGood: older?.lastGood ?? null };
}

const later = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.max(a, b);

const earliest = (moments: readonly (number | null)[]): number | null => {
  const known = moments.filter((moment) => moment !== null);
  return known.length ? Math.min(...known) : null;
};

/** Since when a food was known to be past what may be chilled, certain or not. */
function pastSinceOf(food: FoodState, at: number, rules: RuleSet): number | null {
  const limitMs = Math.min(bandLimit(food, rules).value.ms, chillLimit(food, rules).ms);
  const past = knownPast(food.exposures, ledgerOf(food), limitMs);
  return earliest([food.pastSince, past !== null && past <= at ? past : null]);
}

/** The one whose days began first; one of unknown age before any. */
function olderOf(a: FoodState, b: FoodState): FoodState {
  if (a.daysFrom === null) return a;
  if (b.daysFrom === null) return b;
  return a.daysFrom + pausedMs(a.pauses) <= b.daysFrom + pausedMs(b.pauses) ? a : b;
}

/** The use-by that ends sooner; one before any best before. */
function soonerPrinted(a: Printed | null, b: Printed | null): Printed | null {
  if (!a || !b) return a ?? b;
  if (a.kind !== b.kind) return a.kind === 'useBy' ? a : b;
  return a.at <= b.at ? a : b;
}

/** Of two thaws what is worse of either: cooked at once from the earlier moment, the earlier thaw, the days used. */
function worseThaw(a: FoodState, b: FoodState, rules: RuleSet): ThawState | null {
  const [one, other] = [withOwnWeight(a), withOwnWeight(b)];
  if (!one || !other) return one ?? other;
  const left = (food: FoodState) => {
    const { highMs } = lifeAfterThaw(food, food.thaw!, rules);
    // Nobody knows since when: worse than any day that is known.
    if (thawedAt(food, rules) === null) return -Infinity;
    return (food.thaw!.thawedAt ?? food.thaw!.startedAt) + highMs;
  };
  const worse = left(a) <= left(b) ? one : other;
  const atOnce = [one.atOnceFrom, other.atOnceFrom].filter((from) => from !== null);
  const water = one.water && other.water ? warmer(one.water, other.water) : null;
  return {
    ...worse,
    usedMs: Math.max(one.usedMs, other.usedMs),
    keptMs: Math.max(one.keptMs, other.keptMs),
    water: water ?? one.water ?? other.water,
    atOnceFrom: atOnce.length ? Math.min(...atOnce) : null,
    ofKg: Math.min(one.ofKg, other.ofKg),
  };
}

/** What thaws goes on as fast as it did, however much is put to it. */
const withOwnWeight = ({ thaw, massKg }: FoodState): (ThawState & { readonly ofKg: number }) | null =>
  thaw && { ...thaw, ofKg: thaw.ofKg ?? massKg };

/**
 * On each ledger as the worse of both. Raw in cooked makes the whole raw: what the cooked one has stood is stood on the raw
 * ledger too, and counts on there.
 */
function worseExposures(a: FoodState, b: FoodState, at: number): readonly Exposure[] {
  const on = (ledger: Ledger, { exposures }: FoodState) => exposures.filter((each) => each.ledger === ledger);
  const cooked = [a, b].find((each) => each.cooked);
  const made = worseOn('cooked', on('cooked', a), on('cooked', b), at);
  const raw = worseOn('raw', on('raw', a), on('raw', b), at);
  if (!cooked || a.cooked === b.cooked) return [...raw, ...made];
  const asRaw = on('cooked', cooked).map((each) => ({ ...each, ledger: 'raw' as const }));
  return [...worseOn('raw', raw, asRaw, at), ...made];
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

const WORST_FIRST: readonly MarkStatus[] = ['missed', 'unknown', 'running', 'assumed', 'met'];

function worseChill(a: Chill | null, b: Chill | null, at: number, rules: RuleSet): Chill | null {
  if (!a || !b) return a ?? b;
  const rank = (chill: Chill) =>
    Math.min(...marksAt(chill, at, rules).map(({ status }) => WORST_FIRST.indexOf(status)));
  return rank(b) < rank(a) || (rank(a) === rank(b) && b.startedAt < a.startedAt) ? b : a;
}

/** What either was read in doubt: since the first of them, as warm as the warmer. */
function moreDoubtful(a: TrailReading | null, b: TrailReading | null): TrailReading | null {
  if (!a || !b) return a ?? b;
  return { at: Math.min(a.at, b.at), temperature: warmer(a.temperature, b.temperature) };
}

const warmer = (a: Temperature, b: Temperature): Temperature => (isAtLeast(a, b) ? a : b);
