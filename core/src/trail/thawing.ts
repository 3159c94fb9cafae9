import { thawTime, widened, type RuleSet, type Span } from '../guidance';
import { openExposure, runningExposure } from './exposure';
import { unfreeze } from './placing';
import type { FoodState, ThawState } from './state';

/** Starts a thaw, or a new method for one that is under way, and remembers the days used up before freezing. */
export function beginThaw(state: FoodState, method: ThawState['method'], at: number): FoodState {
  const before = state.thaw?.usedMs ?? 0;
  const used =
    state.frozenSince === null || state.daysFrom === null
      ? before
      : Math.max(0, state.frozenSince - state.daysFrom - state.frozenMs);
  return {
    ...unfreeze(state, at),
    stage: 'thawing',
    thaw: { method, startedAt: at, lastChangeAt: at, changes: 0, usedMs: used, thawedAt: null },
  };
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
 * Counts a missed change of water: from the moment it was due, all time in the water is time in the band (guidance
 * §11.12). While changes are on time the state is returned as it is.
 */
export function withMissedWater(state: FoodState, at: number, rules: RuleSet): FoodState {
  const dueAt = waterDueAt(state, rules);
  if (dueAt === null || at <= dueAt || runningExposure(state.exposures)) return state;
  return {
    ...state,
    exposures: openExposure(state.exposures, {
      ledger: 'raw',
      from: dueAt,
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
