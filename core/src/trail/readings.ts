import { coolingMs, type RuleSet } from '../guidance';
import { isAtLeast, isAtMost } from '../units';
import {
  chilled,
  closeExposure,
  crossing,
  openExposure,
  placeRead,
  restartExposure,
  runningExposure,
  withoutUnread,
  withoutWayHere,
  ledgerOf,
  bandLimit,
  unsureAt,
  type TrailReading,
} from '../clocks';
import { readOnHeat, withCookRead } from './cookReadings';
import { placesOff, withHeld } from './holding';
import { chilledFrom } from './placing';
import type { FoodEvent, ProbePlace } from '../record';
import { settleSpell } from './spells';
import type { FoodState } from './state';
import { readInWater } from './thawing';

/**
 * Takes a reading into the state: on the heat it is judged against the target; out of it, it sets where the band clock
 * starts; in the cold it shows whether the cold holds.
 */
export function takeReading(state: FoodState, event: FoodEvent<'reading'>, rules: RuleSet): FoodState {
  const { temperature, correction = 0, doubtful, by, withinK } = event.payload;
  const reading: TrailReading = {
    at: event.at,
    temperature: { ...temperature, value: temperature.value + correction },
    ...(by !== undefined && { by }),
    ...(withinK !== undefined && { withinK }),
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
  if (state.place === 'heat')
    return withHeld(readOnHeat(read, reading, event.payload, rules), reading, event.payload, rules);
  if (state.place === 'ice')
    return withHeld(readOnIce(read, reading, event.payload.place, rules), reading, event.payload, rules);
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

/**
 * On ice: a cold reading says that it was so all the while, or is so again once no place reads warm; a warm one that this
 * place was warm since it was last read cold, or since it went there (guidance §11.3, §11.21).
 */
function readOnIce(
  state: FoodState,
  reading: TrailReading,
  said: ProbePlace | undefined,
  rules: RuleSet,
): FoodState {
  const limit = rules.bands.refrigerator.value.at;
  const place = placeRead(state, said);
  const known = { ...state, exposures: withoutUnread(state.exposures, 'ice') };
  if (isAtMost(reading.temperature, limit)) {
    if (placesOff(state).some((each) => each !== place)) return { ...known, lastGood: reading };
    const read = outInTheOpen(known, reading, rules);
    const exposures = chilledFrom(read, reading.at, rules).filter(({ from, to }) => from !== to);
    return { ...read, lastGood: reading, exposures };
  }
  if (runningExposure(known.exposures)) return outInTheOpen(known, reading, rules);
  const good = state.held?.right[place];
  const warm = {
    ledger: ledgerOf(state),
    place: 'ice',
    side: 'cold',
    fromCold: true,
    startFixed: true,
    from: good ? crossing(good, reading, limit, bandLimit(state, rules).value.ms) : state.placeSince,
  } as const;
  return { ...known, exposures: openExposure(known.exposures, warm) };
}

function inTheCold(state: FoodState, reading: TrailReading, rules: RuleSet): FoodState {
  const limit = rules.bands.refrigerator.value.at;
  if (isAtMost(reading.temperature, limit)) {
    const spell = runningExposure(state.exposures)?.spell;
    const cold: FoodState = {
      ...state,
      lastGood: reading,
      cooledAt: state.coolingSince === null ? null : (state.cooledAt ?? reading.at),
      exposures: spell ? state.exposures : closeExposure(state.exposures, reading.at, 'settled'),
    };
    return spell ? settleSpell(cold, reading.at) : cold;
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
