import { thawTime, widened, type RuleSet, type Span } from '../guidance';
import { openExposure, runningExposure } from './exposure';
import { pausedMs } from './life';
import { unfreeze } from './placing';
import type { FoodState, ThawState } from './state';

/** Starts a thaw, or a new method for one that is under way, and remembers the days used up before freezing. */
export function beginThaw(state: FoodState, method: ThawState['method'], at: number): FoodState {
  return {
    ...unfreeze(state, at),
    stage: 'thawing',
    thaw: {
      method,
      startedAt: at,
      lastChangeAt: at,
      changes: 0,
      usedMs: usedBeforeFreezing(state),
      thawedAt: null,
    },
  };
}

/** How many of its days raw food had used up before it was frozen, ms; none where nobody knows since when they count. */
export function usedBeforeFreezing({ thaw, frozenSince, daysFrom, pauses }: FoodState): number {
  return frozenSince === null || daysFrom === null
    ? (thaw?.usedMs ?? 0)
    : Math.max(0, frozenSince - daysFrom - pausedMs(pauses));
}

/**
 * When the water of a cold-water thaw is due to be changed, or null when the food is not in water.
 *
 * @returns epoch ms
 */
export function waterDueAt({ thaw, place }: FoodState, rules: RuleSet): number | null {
  if (thaw?.method !== 'coldWater' || place !== 'water') return null;
  return thaw.lastChangeAt + rules.thawing.waterChange.value.ms;
}

/**
 * Counts the minutes in water that are time in the band: where a school counts them all, from the start; elsewhere from a
 * missed change on (guidance §11.12), or from when it may no longer lie there. While changes are on time the state is returned as it is there.
 */
export function withWaterCounted(state: FoodState, at: number, rules: RuleSet): FoodState {
  const dueAt = waterDueAt(state, rules);
  if (dueAt === null) return state;
  const { waterCounts, waterMost } = rules.thawing;
  const { startedAt } = state.thaw!;
  const from = waterCounts.value.yes ? startedAt : Math.min(dueAt, startedAt + waterMost.value.ms);
  if (at <= from || runningExposure(state.exposures)) return state;
  return {
    ...state,
    exposures: openExposure(state.exposures, {
      ledger: 'raw',
      from,
      place: 'water',
      side: 'cold',
      startFixed: true,
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
