import { coolingMs, stricter, type CookTarget, type RuleSet } from '../guidance';
import { isAtLeast, isAtMost } from '../units';
import { beginChill, chilled, coolingFault, rescueEndsAt } from './chill';
import type { FoodEvent } from './events';
import {
  closeExposure,
  crossing,
  openExposure,
  restartExposure,
  runningExposure,
  withoutWayHere,
} from './exposure';
import { bandLimit, reheatTargetOf, targetOf } from './foodRules';
import { isDone, placeRead, placesNeeded, placesStanding, type PlaceStanding } from './probing';
import { settleSpell, unsureAt } from './spells';
import { ledgerOf, type CookState, type FoodState, type TrailReading } from './state';
import { readInWater } from './thawing';

/**
 * Takes a reading into the state: on the heat it is judged against the target; out of it, it sets where the band clock
 * starts; in the cold it shows whether the cold holds.
 */
export function takeReading(state: FoodState, event: FoodEvent<'reading'>, rules: RuleSet): FoodState {
  const { temperature, correction = 0, doubtful } = event.payload;
  const reading: TrailReading = {
    at: event.at,
    temperature: { ...temperature, value: temperature.value + correction },
  };
  // What a doubtful thermometer says is kept in the history and proves nothing.
  if (doubtful) return { ...state, doubtful: reading };
  const read: FoodState = {
    ...state,
    doubtful: null,
    lastReading: reading,
    cooling: state.cooling && colder(state.cooling, reading),
    chill: state.chill && chilled(state.chill, reading, rules),
  };
  if (state.place === 'heat') return onTheHeat(read, reading, event.payload, rules);
  if (state.place === 'refrigerator' || state.place === 'freezer') return inTheCold(read, reading, rules);
  if (state.place === 'water') return readInWater(read, reading, event.payload.place === 'surface', rules);
  const resting = state.cook?.metAt === null && state.stage === 'resting';
  const judged = resting ? withCookRead(read, reading, event.payload, rules) : read;
  return outInTheOpen(judged, reading, rules);
}

function colder(
  cooling: NonNullable<FoodState['cooling']>,
  { temperature }: TrailReading,
): FoodState['cooling'] {
  const known = cooling.coldest;
  return known && isAtMost(known, temperature) ? cooling : { ...cooling, coldest: temperature };
}

type Said = FoodEvent<'reading'>['payload'];

function onTheHeat(state: FoodState, reading: TrailReading, said: Said, rules: RuleSet): FoodState {
  const hot = isAtLeast(reading.temperature, rules.bands.growth.value.high);
  const known: FoodState = hot
    ? { ...state, lastGood: reading, exposures: withoutUnread(state.exposures) }
    : state;
  const { cook } = known;
  if (!cook) return known;
  if (cook.fellAt !== null) return warmedUp(known, cook, reading, said, rules);
  if (cook.metAt !== null && fellFrom(known, cook, reading, said, rules))
    return fallen(known, cook, reading, said, rules);
  return withCookRead(known, reading, said, rules);
}

/** Takes a reading into the cook and settles what follows from it: done, or not done after all. */
function withCookRead(state: FoodState, reading: TrailReading, said: Said, rules: RuleSet): FoodState {
  const cook = state.cook!;
  const read = { ...cook, readings: [...cook.readings, probeReading(state, cook, reading, said)] };
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

function doneBy(state: FoodState, rules: RuleSet): boolean {
  const cook = state.cook!;
  const target = goalOf(state, rules);
  if (!target) return false;
  const standings = placesStanding(cook.readings, target);
  // A sign serves instead of a probe; a reading that is too low contradicts it.
  if (cook.signAt !== null) return standings.every(({ passed }) => passed);
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
    cook: { ...cook, metAt: null, before: null },
  };
}

/**
 * A full cook opens the cooked ledger and starts the count of days. A band clock already running (the target was met
 * while resting) goes on from here on the new ledger.
 */
function finished(state: FoodState, at: number): FoodState {
  const { daysFrom, pauses, printed, withCooked } = state;
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
    printed: null,
    frozenSince: null,
    exposures,
    cook: { ...state.cook!, metAt: at, before: { daysFrom, pauses, printed, withCooked } },
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
    target && (cook.signAt !== null || standingAt(cook, target, placeRead(state, said.place))?.passed);
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
  return bandOnHeat(fell, reading, rules);
}

function bandOnHeat(state: FoodState, reading: TrailReading, rules: RuleSet): FoodState {
  const { lastGood, cook } = state;
  if (runningExposure(state.exposures)?.certain) return state;
  const good = lastGood && lastGood.at >= cook!.startedAt ? lastGood : null;
  const limitMs = bandLimit(state, rules).value.ms;
  const from = good
    ? crossing(good, reading, rules.bands.growth.value.high, limitMs)
    : (cook!.metAt ?? reading.at);
  return {
    ...state,
    chill: { ...beginChill(from), startFixed: true },
    exposures: openExposure(withoutUnread(state.exposures), {
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
  const read = { ...cook, readings: [...cook.readings, probeReading(state, cook, reading, said)] };
  const target = reheatTargetOf(state, rules).value;
  const through = placesStanding(read.readings, target).every(({ passed }) => passed);
  if (!through) {
    const below = !isAtLeast(reading.temperature, rules.bands.growth.value.high);
    return below ? bandOnHeat({ ...state, cook: read }, reading, rules) : { ...state, cook: read };
  }
  return {
    ...state,
    chill: null,
    reheats: state.reheats + 1,
    exposures: closeExposure(state.exposures, reading.at, 'settled'),
    cook: { ...read, kind: 'reheat', metAt: reading.at, fellAt: null, heldChill: null },
  };
}

const withoutUnread = (exposures: FoodState['exposures']): FoodState['exposures'] =>
  exposures.some(({ unread }) => unread) ? exposures.filter(({ unread }) => !unread) : exposures;

/** Out of heat and cold: a good reading moves the clock's start on; the first one inside the band fixes it. */
function outInTheOpen(state: FoodState, reading: TrailReading, rules: RuleSet): FoodState {
  const running = runningExposure(state.exposures);
  if (!running || running.startFixed) return state;

  const { growth } = rules.bands;
  const hot = running.side === 'hot';
  const limit = hot ? growth.value.high : growth.value.low;
  const good = hot ? isAtLeast(reading.temperature, limit) : isAtMost(reading.temperature, limit);
  if (good) {
    const known = hot ? state.exposures : withoutWayHere(state.exposures, running.from);
    return { ...state, lastGood: reading, exposures: restartExposure(known, reading.at, false) };
  }

  const crossed =
    state.lastGood && crossing(state.lastGood, reading, limit, bandLimit(state, rules).value.ms);
  const from = Math.min(reading.at, Math.max(running.from, crossed ?? running.from));
  return { ...state, lastGood: null, exposures: restartExposure(state.exposures, from, true) };
}

function inTheCold(state: FoodState, reading: TrailReading, rules: RuleSet): FoodState {
  const limit = rules.bands.refrigerator.value.at;
  if (isAtMost(reading.temperature, limit)) {
    const cold: FoodState = {
      ...state,
      lastGood: reading,
      cooledAt: state.coolingSince === null ? null : (state.cooledAt ?? reading.at),
    };
    return runningExposure(state.exposures)?.spell
      ? settleSpell(cold, reading.at)
      : { ...cold, exposures: closeExposure(state.exposures, reading.at, 'settled') };
  }
  const running = runningExposure(state.exposures);
  const coolingUntil = state.coolingSince === null ? state.placeSince : state.coolingSince + coolingMs(rules);
  const cooling =
    state.coolingSince !== null &&
    state.cooledAt === null &&
    reading.at <= coolingUntil &&
    !unsureAt(state, reading.at);
  if (running?.certain || cooling) return state;
  const warm = {
    ledger: ledgerOf(state),
    place: state.place,
    side: 'cold',
    startFixed: true,
    from: reading.at,
    readWarm: true,
  } as const;
  const limitMs = bandLimit(state, rules).value.ms;
  const good = state.lastGood && state.lastGood.at >= state.placeSince ? state.lastGood : null;
  // Read cold there before: by the line between the two, or from that reading on (guidance §11.28).
  const from = good && crossing(good, reading, limit, limitMs);
  if (running) {
    const settledHere = closeExposure(state.exposures, reading.at, 'settled');
    // The food itself is warm: what was open so far is certain from here on.
    return { ...state, exposures: openExposure(settledHere, { ...warm, from: from ?? reading.at }) };
  }
  if (from !== null) return { ...state, exposures: openExposure(state.exposures, { ...warm, from }) };
  // Nobody read it there before: how long it has been warm is not known.
  const unknown = openExposure(state.exposures, {
    ...warm,
    from: Math.max(coolingUntil, state.placeSince),
    to: reading.at,
    certain: false,
    asked: reading.at,
  });
  return { ...state, exposures: openExposure(unknown, warm) };
}
