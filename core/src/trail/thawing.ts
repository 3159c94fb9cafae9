import { thawTime, widened, type RuleSet, type Span } from '../guidance';
import { isAbove, isAtMost } from '../units';
import type { FoodEvent } from './events';
import { crossing, openExposure, runningExposure } from './exposure';
import { bandLimit } from './foodRules';
import { pausedMs } from './pauses';
import { unfreeze } from './placing';
import { ledgerOf, type FoodState, type ThawState, type TrailReading } from './state';

/** A thaw that has only begun. */
export const newThaw = (
  method: ThawState['method'],
  at: number,
  more: Partial<ThawState> = {},
): ThawState => ({
  method,
  startedAt: at,
  lastChangeAt: at,
  changes: 0,
  running: false,
  water: null,
  surface: null,
  warmFrom: null,
  usedMs: 0,
  keptMs: 0,
  thawedAt: null,
  atOnceFrom: null,
  ...more,
});

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

/** How many of its days raw food had used up before it was frozen, ms; none where nobody knows since when they count. */
export function usedBeforeFreezing({ thaw, frozenSince, daysFrom, pauses }: FoodState): number {
  if (thaw) return thaw.usedMs;
  return frozenSince === null || daysFrom === null
    ? 0
    : Math.max(0, frozenSince - daysFrom - pausedMs(pauses));
}

/** It is found thawed: in water or by microwave, out of it. */
export function foundThawed(thaw: ThawState, at: number): ThawState {
  return { ...leftMethod(thaw, at), thawedAt: at };
}

/** It leaves the water or the microwave, thawed or not. */
export function leftMethod(thaw: ThawState, at: number): ThawState {
  return thaw.method === 'refrigerator' ? thaw : { ...thaw, atOnceFrom: thaw.atOnceFrom ?? at };
}

/**
 * When the water of a cold-water thaw is due to be changed, or null when the food is not in water that stands.
 *
 * @returns epoch ms
 */
export function waterDueAt({ thaw, place }: FoodState, rules: RuleSet): number | null {
  if (thaw?.method !== 'coldWater' || place !== 'water' || thaw.running) return null;
  return thaw.lastChangeAt + rules.thawing.waterChange.value.ms;
}

/** Why water is no method of a school's, if it is not. */
export type WaterFault = 'still' | 'warm' | 'long';

/** What is wrong with a thaw in water at a moment (guidance §2, §11.25). */
export function waterFault(thaw: ThawState, at: number, { thawing }: RuleSet): WaterFault | null {
  if (thawing.waterRunning.value.yes && !thaw.running) return 'still';
  if (thaw.water && isAbove(thaw.water, thawing.waterTemperature.value.at)) return 'warm';
  return at > thaw.startedAt + thawing.waterMost.value.ms ? 'long' : null;
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

/**
 * How long a thaw in the refrigerator takes: by the rule, widened by what heat transfer said when the plan was made. It
 * ends no sooner than the rule, and the clock after it starts no later.
 */
export function refrigeratorThaw({ massKg, plan }: Pick<FoodState, 'massKg' | 'plan'>, rules: RuleSet): Span {
  return widened(thawTime(rules.thawing.refrigerator.value, massKg), plan?.computedThaw?.refrigerator);
}
