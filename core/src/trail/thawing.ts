import type { RuleSet } from '../guidance';
import { isAtMost } from '../units';
import type { FoodEvent } from '../record';
import {
  crossing,
  ledgerOf,
  openExposure,
  runningExposure,
  bandLimit,
  type TrailReading,
  leftMethod,
  newThaw,
  usedBeforeFreezing,
  waterDueAt,
  waterFault,
  type ThawState,
} from '../clocks';
import { unfreeze } from './placing';
import type { FoodState } from './state';

/**
 * Starts a thaw, or a new method for one that is under way, and remembers the days used up before freezing. What has been
 * in water or a microwave is cooked at once, wherever it thaws on.
 */
export function beginThaw(
  state: FoodState,
  { method, running }: FoodEvent<'thawStarted'>['payload'],
  at: number,
): FoodState {
  const before = state.frozenSince === null ? state.thaw : null;
  return {
    ...unfreeze(state, at),
    stage: 'thawing',
    thaw: newThaw(method, at, {
      running: running ?? false,
      usedMs: usedBeforeFreezing(state),
      keptMs: state.thaw?.keptMs ?? 0,
      atOnceFrom:
        method !== 'refrigerator' || !before
          ? null
          : (before.atOnceFrom ?? (before.method === 'refrigerator' ? null : at)),
    }),
  };
}

/**
 * Counts the minutes in water that are time in the band: all of them where a school has it so or the water is no method of
 * its; elsewhere from a missed change on (guidance §11.12). What its outside read cold begins later.
 */
export function withWaterCounted(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { thaw, place, stage } = state;
  if (thaw?.method !== 'coldWater' || place !== 'water' || stage !== 'thawing') return state;
  const begins = countsFrom(state, thaw, at, rules);
  if (begins === null) return state;
  const from = thaw.warmFrom ?? Math.max(begins, thaw.surface?.at ?? 0);
  if (at <= from) return state;
  const running = runningExposure(state.exposures);
  if (running && running.from <= from) return state;
  return {
    ...state,
    exposures: openExposure(
      state.exposures.filter((each) => each !== running),
      { ledger: ledgerOf(state), from, place: 'water', side: 'cold', startFixed: true },
    ),
  };
}

function countsFrom(state: FoodState, thaw: ThawState, at: number, rules: RuleSet): number | null {
  if (thaw.warmFrom !== null || rules.thawing.waterCounts.value.yes || waterFault(thaw, at, rules))
    return thaw.startedAt;
  return waterDueAt(state, rules);
}

/** A reading in the water: its outside read cold begins its clock anew, anything warm begins it for good. */
export function readInWater(
  state: FoodState,
  reading: TrailReading,
  outside: boolean,
  rules: RuleSet,
): FoodState {
  const { thaw, exposures } = state;
  if (!thaw) return state;
  const { low } = rules.bands.growth.value;
  // What was taken to count so far is counted anew from what is known now.
  const known = exposures.filter(({ to, place }) => to !== null || place !== 'water');
  if (isAtMost(reading.temperature, low)) {
    if (!outside || thaw.warmFrom !== null) return state;
    return { ...state, thaw: { ...thaw, surface: reading }, exposures: known };
  }
  const warmFrom = thaw.surface
    ? crossing(thaw.surface, reading, low, bandLimit(state, rules).value.ms)
    : thaw.startedAt;
  return {
    ...state,
    thaw: { ...thaw, warmFrom: Math.min(thaw.warmFrom ?? warmFrom, warmFrom) },
    exposures: known,
  };
}

/** A microwave thaws for minutes: one that nobody ended was over when the food had to be cooked. */
export function withMicrowaveOver(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { thaw, stage, place } = state;
  if (thaw?.method !== 'microwave' || stage !== 'thawing' || place !== 'heat' || thaw.atOnceFrom !== null)
    return state;
  const overAt = thaw.startedAt + rules.thawing.cookAtOnce.value.ms;
  return at > overAt ? { ...state, thaw: leftMethod(thaw, overAt) } : state;
}

/**
 * Thawed in water or by microwave and not on the heat at once: every minute since counts, in the refrigerator too
 * (guidance §11.25). In the freezer it is frozen, and nothing counts.
 */
export function withAtOnceCounted(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { thaw, cook, place, exposures } = state;
  const from = thaw?.atOnceFrom ?? null;
  const cooking = place === 'heat' && state.stage !== 'thawing';
  if (from === null || cooking || place === 'freezer' || place === 'gone') return state;
  if (cook && cook.startedAt >= from) return state;
  if (at <= from + rules.thawing.cookAtOnce.value.ms) return state;
  if (exposures.some((each) => each.to === null && each.runsOn && each.from <= from)) return state;
  return {
    ...state,
    exposures: openExposure(exposures, {
      ledger: ledgerOf(state),
      from,
      place,
      side: 'cold',
      startFixed: true,
      runsOn: true,
    }),
  };
}
