import { coolingMs, type RuleSet } from '../guidance';
import { isAtLeast, isAtMost } from '../units';
import { chilled } from './chill';
import { metAt } from './cooking';
import { targetOf } from './foodRules';
import type { FoodEvent } from './events';
import {
  closeExposure,
  crossing,
  openExposure,
  restartExposure,
  runningExposure,
  withoutWayHere,
} from './exposure';
import { settleSpell, unsureAt } from './spells';
import { ledgerOf, type FoodState, type TrailReading } from './state';

/**
 * Takes a reading into the state: on the heat it is judged against the target; out of it, it sets where the band clock
 * starts; in the cold it shows whether the cold holds.
 */
export function takeReading(state: FoodState, event: FoodEvent<'reading'>, rules: RuleSet): FoodState {
  const { temperature, correction = 0, doubtful } = event.payload;
  // What a doubtful thermometer says is kept in the history and proves nothing.
  if (doubtful) return state;
  const reading: TrailReading = {
    at: event.at,
    temperature: { ...temperature, value: temperature.value + correction },
  };
  const read: FoodState = {
    ...state,
    lastReading: reading,
    cooling: state.cooling && colder(state.cooling, reading),
    chill: state.chill && chilled(state.chill, reading, rules),
  };
  if (state.place === 'heat') return onTheHeat(read, reading, rules);
  if (state.place === 'refrigerator' || state.place === 'freezer') return inTheCold(read, reading, rules);
  return outInTheOpen(read, reading, rules);
}

function colder(
  cooling: NonNullable<FoodState['cooling']>,
  { temperature }: TrailReading,
): FoodState['cooling'] {
  const known = cooling.coldest;
  return known && isAtMost(known, temperature) ? cooling : { ...cooling, coldest: temperature };
}

function onTheHeat(state: FoodState, reading: TrailReading, rules: RuleSet): FoodState {
  const lastGood = isAtLeast(reading.temperature, rules.bands.hotHolding.value.at) ? reading : state.lastGood;
  if (!state.cook) return { ...state, lastGood };
  const readings = [...state.cook.readings, reading];
  const target = targetOf(state, rules);
  const met =
    state.stage === 'reheating'
      ? metAt(readings, rules.reheating.target.value)
      : target && metAt(readings, target.value);
  return { ...state, lastGood, cook: { ...state.cook, readings, metAt: state.cook.metAt ?? met } };
}

/** Out of heat and cold: a good reading moves the clock's start on; the first one inside the band fixes it. */
function outInTheOpen(state: FoodState, reading: TrailReading, rules: RuleSet): FoodState {
  const resting = state.cook?.metAt === null && state.stage === 'resting';
  const judged = resting ? onTheHeat(state, reading, rules) : state;
  const running = runningExposure(state.exposures);
  if (!running || running.startFixed) return judged;

  const { growth, hotHolding } = rules.bands;
  const hot = running.side === 'hot';
  const limit = hot ? hotHolding.value.at : growth.value.low;
  const good = hot ? isAtLeast(reading.temperature, limit) : isAtMost(reading.temperature, limit);
  if (good) {
    const known = hot ? state.exposures : withoutWayHere(state.exposures, running.from);
    return { ...judged, lastGood: reading, exposures: restartExposure(known, reading.at, false) };
  }

  const crossed = state.lastGood && crossing(state.lastGood, reading, limit, rules.bandTime.limit.value.ms);
  const from = Math.min(reading.at, Math.max(running.from, crossed ?? running.from));
  return { ...judged, lastGood: null, exposures: restartExposure(state.exposures, from, true) };
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
  const cooling = state.coolingSince !== null && reading.at <= coolingUntil && !unsureAt(state, reading.at);
  if (running?.certain || cooling) return state;
  const warm = {
    ledger: ledgerOf(state),
    place: state.place,
    side: 'cold',
    startFixed: true,
    from: reading.at,
    readWarm: true,
  } as const;
  // The food itself is warm: what was open so far is certain from here on.
  if (running)
    return { ...state, exposures: openExposure(closeExposure(state.exposures, reading.at, 'settled'), warm) };
  // Warmer than a refrigerator may be: how long already is unknown, so it counts from the last good record.
  const from = Math.max(state.lastGood?.at ?? 0, coolingUntil, state.placeSince);
  const unknown = openExposure(state.exposures, { ...warm, from, to: reading.at, certain: false });
  return { ...state, exposures: openExposure(unknown, warm) };
}
