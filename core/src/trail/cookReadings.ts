import { stricter, type CookTarget, type RuleSet } from '../guidance';
import { isAtLeast } from '../units';
import {
  beginChill,
  rescueEndsAt,
  closeExposure,
  withoutUnread,
  crossing,
  openExposure,
  runningExposure,
  bandLimit,
  reheatTargetOf,
  targetOf,
  isDone,
  placeRead,
  placesNeeded,
  placesStanding,
  withReading,
  type PlaceStanding,
  type TrailReading,
} from '../clocks';
import { coolingFault } from './chilling';
import type { FoodEvent } from '../record';
import type { CookState, FoodState } from './state';

type Said = FoodEvent<'reading'>['payload'];

/** A reading on the heat: of the cook under way, or of what is done and kept hot (guidance §11.21–22). */
export function readOnHeat(state: FoodState, reading: TrailReading, said: Said, rules: RuleSet): FoodState {
  const hot = isAtLeast(reading.temperature, rules.bands.growth.value.high);
  const known: FoodState = hot
    ? { ...state, lastGood: reading, exposures: withoutUnread(state.exposures, 'heat') }
    : state;
  const { cook } = known;
  if (!cook) return known;
  if (cook.fellAt !== null) return warmedUp(known, cook, reading, said, rules);
  // A check of what is kept hot says nothing of its cook: done it was, and it is hot yet or it fell.
  const isCheck = cook.metAt !== null && said.seenTo !== undefined;
  if (isCheck && isAtLeast(reading.temperature, rules.bands.hotHolding.value.at)) return known;
  if (isCheck || (cook.metAt !== null && fellFrom(known, cook, reading, said, rules)))
    return fallen(known, cook, reading, said, rules);
  return withCookRead(known, reading, said, rules);
}

/** Takes a reading into the cook and settles what follows from it: done, or not done after all. */
export function withCookRead(state: FoodState, reading: TrailReading, said: Said, rules: RuleSet): FoodState {
  const cook = state.cook!;
  const readings = withReading(cook.readings, probeReading(state, cook, reading, said), goalOf(state, rules));
  const read = { ...cook, readings };
  return settled({ ...state, cook: read }, reading.at, rules);
}

const probeReading = (state: FoodState, cook: CookState, reading: TrailReading, said: Said) => ({
  ...reading,
  place: placeRead(state, said.place),
  onHeatSince: cook.onHeatSince,
  ...(said.watchedMs !== undefined && { watchedMs: said.watchedMs }),
});

/** What the cook under way has to reach. */
export function goalOf(state: FoodState, rules: RuleSet): CookTarget | null {
  const { cook } = state;
  if (!cook) return null;
  const rule = cook.kind === 'cook' ? targetOf(state, rules) : reheatTargetOf(state, rules);
  if (!rule) return null;
  // Cooked by microwave it reaches what that asks for besides, where it is raw animal food.
  return cook.by === 'microwave' && cook.kind === 'cook' && isAnimal(rule.id)
    ? stricter(rule.value, rules.cooking.microwave.value)
    : rule.value;
}

const isAnimal = (ruleId: string): boolean => !/\.(vegetable|kidneyBeans)$/.test(ruleId);

/** A first cook is read where its form asks for it; what is heated again in one place, by microwave in two. */
export function needsOf(state: FoodState, rules: RuleSet) {
  const { cook } = state;
  if (cook?.kind === 'cook') return placesNeeded(state, rules);
  return { count: cook?.by === 'microwave' ? 2 : 1, stuffing: false };
}

/** Whether a sign was seen, and serves in this school. */
const seenDone = (state: FoodState, rules: RuleSet): boolean =>
  state.cook!.signAt !== null && targetOf(state, rules)?.value.sign !== undefined;

function doneBy(state: FoodState, rules: RuleSet): boolean {
  const cook = state.cook!;
  const target = goalOf(state, rules);
  if (!target) return false;
  const standings = placesStanding(cook.readings, target);
  // A sign serves instead of a probe; a reading that is too low contradicts it.
  if (seenDone(state, rules)) return standings.every(({ passed }) => passed);
  return isDone(standings, needsOf(state, rules));
}

/** The cook as it stands after a reading or a sign. */
export function settled(state: FoodState, at: number, rules: RuleSet): FoodState {
  const cook = state.cook!;
  if (doneBy(state, rules))
    return cook.metAt !== null
      ? state
      : cook.kind === 'cook'
        ? finished(state, at)
        : heated(state, at, rules);
  if (cook.metAt === null) return state;
  if (cook.kind !== 'cook') return { ...state, cook: { ...cook, metAt: null } };
  return {
    ...state,
    ...cook.before,
    cooked: false,
    through: false,
    cook: { ...cook, metAt: null, onceMetAt: cook.metAt, before: null },
  };
}

/**
 * A full cook opens the cooked ledger and starts the count of days. A band clock already running (the target was met
 * while resting) goes on from here on the new ledger.
 */
function finished(state: FoodState, at: number): FoodState {
  const { daysFrom, pauses, lastThawedAt, printed, withCooked } = state;
  const running = runningExposure(state.exposures);
  const exposures = running
    ? openExposure(closeExposure(state.exposures, at, 'used'), {
        ledger: 'cooked',
        from: at,
        place: running.place,
        side: 'hot',
        factor: running.factor,
      })
    : state.exposures;
  return {
    ...state,
    cooked: true,
    withCooked: false,
    through: true,
    daysFrom: at,
    pauses: [],
    lastThawedAt: null,
    printed: null,
    frozenSince: null,
    exposures,
    cook: { ...state.cook!, metAt: at, before: { daysFrom, pauses, lastThawedAt, printed, withCooked } },
  };
}

/** Heated through: the cooling it broke off is mended where there was still time, and what a guest brought may be eaten. */
function heated(state: FoodState, at: number, rules: RuleSet): FoodState {
  const cook = state.cook!;
  const inTime = at <= cook.startedAt + rules.reheating.within.value.ms;
  if (!inTime) return state;
  const met: FoodState = { ...state, heatFirst: false, through: true, cook: { ...cook, metAt: at } };
  if (cook.kind !== 'rescue') return met;
  if (at <= rescueEndsAt({ ...state, chill: cook.heldChill }, rules))
    return { ...met, rescues: state.rescues + 1 };
  // Too late for that: it was its reheat, and what was missed stays missed.
  const fault = coolingFault(cook.heldChill!, at, rules);
  return {
    ...met,
    reheats: state.reheats + 1,
    faults: fault ? [...met.faults, fault] : met.faults,
  };
}

const standingAt = (cook: CookState, target: CookTarget, place: PlaceStanding['place']) =>
  placesStanding(cook.readings, target).find((each) => each.place === place);

/** Whether a reading shows food that was done getting too cold to be kept hot, rather than a place that never was done. */
function fellFrom(
  state: FoodState,
  cook: CookState,
  reading: TrailReading,
  said: Said,
  rules: RuleSet,
): boolean {
  const target = goalOf(state, rules);
  const passed =
    target && (seenDone(state, rules) || standingAt(cook, target, placeRead(state, said.place))?.passed);
  if (!isAtLeast(reading.temperature, rules.bands.hotHolding.value.at)) return passed === true;
  // What was heated again is kept hot from then on; a first cook stands up to its target as long as it is hot.
  return (
    cook.kind !== 'cook' && (passed === true || reading.at > cook.startedAt + rules.reheating.within.value.ms)
  );
}

/** Done, and below hot: its clock runs from the edge of the band, on the heat as off it (guidance §11.22). */
function fallen(
  state: FoodState,
  cook: CookState,
  reading: TrailReading,
  said: Said,
  rules: RuleSet,
): FoodState {
  const { hotHolding, growth } = rules.bands;
  if (isAtLeast(reading.temperature, hotHolding.value.at)) return state;
  const fell = {
    ...state,
    cook: { ...cook, fellAt: reading.at, readings: [probeReading(state, cook, reading, said)] },
  };
  if (isAtLeast(reading.temperature, growth.value.high)) return fell;
  return bandOnHeat(fell, cook, reading, said, rules);
}

/** From when this place was last read hot; one nobody read since counts from when it was all done (guidance §11.3, §11.21). */
function bandOnHeat(
  state: FoodState,
  cook: CookState,
  reading: TrailReading,
  said: Said,
  rules: RuleSet,
): FoodState {
  if (runningExposure(state.exposures)?.certain) return state;
  const place = placeRead(state, said.place);
  const { high } = rules.bands.growth.value;
  const good = [state.held?.right[place], cook.readings.findLast((each) => each.place === place)]
    .filter((each) => each !== undefined && isAtLeast(each.temperature, high))
    .sort((one, other) => other!.at - one!.at)[0];
  const limitMs = bandLimit(state, rules).value.ms;
  const from = good ? crossing(good, reading, high, limitMs) : (cook.metAt ?? reading.at);
  return {
    ...state,
    chill: { ...beginChill(from), startFixed: true },
    exposures: openExposure(withoutUnread(state.exposures, 'heat'), {
      ledger: 'cooked',
      from,
      place: 'heat',
      side: 'hot',
      startFixed: true,
    }),
  };
}

/** Below hot on the heat: only a reading at the reheating mark ends its clock, and that was its reheat. */
function warmedUp(
  state: FoodState,
  cook: CookState,
  reading: TrailReading,
  said: Said,
  rules: RuleSet,
): FoodState {
  const target = reheatTargetOf(state, rules).value;
  const readings = withReading(cook.readings, probeReading(state, cook, reading, said), target);
  const read = { ...cook, readings };
  const through = placesStanding(read.readings, target).every(({ passed }) => passed);
  if (!through) {
    const below = !isAtLeast(reading.temperature, rules.bands.growth.value.high);
    return below
      ? bandOnHeat({ ...state, cook: read }, cook, reading, said, rules)
      : { ...state, cook: read };
  }
  return {
    ...state,
    chill: null,
    reheats: state.reheats + 1,
    exposures: closeExposure(state.exposures, reading.at, 'settled'),
    cook: { ...read, kind: 'reheat', metAt: reading.at, fellAt: null, heldChill: null },
  };
}
