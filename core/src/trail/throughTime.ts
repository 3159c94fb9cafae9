import type { RuleSet } from '../guidance';
import { openExposure, runningExposure } from './exposure';
import type { FoodState } from './state';
import { withAtOnceCounted, withWaterCounted } from './thawing';

/**
 * A food as time alone has made it by a moment: what counts because nothing was done. Every event finds it so, and every
 * ruling is of it.
 */
export function throughTime(state: FoodState, at: number, rules: RuleSet): FoodState {
  const thawed = withAtOnceCounted(withWaterCounted(state, at, rules), at, rules);
  return withoutReheat(withHotUnread(thawed, at, rules), at, rules);
}

/** Kept hot past the check of hot food and read by nobody: it may have got below hot since (guidance §1, §11.22). */
function withHotUnread(state: FoodState, at: number, { holding }: RuleSet): FoodState {
  const { cook, cooked, place, lastGood, exposures } = state;
  if (place !== 'heat' || !cooked || !cook || cook.metAt === null || cook.onHeatSince === null) return state;
  const hotAt = Math.max(cook.metAt, cook.onHeatSince, lastGood?.at ?? 0);
  const from = hotAt + holding.hotCheck.value.ms;
  if (at <= from || runningExposure(exposures)) return state;
  return {
    ...state,
    exposures: openExposure(exposures, {
      ledger: 'cooked',
      from,
      place,
      side: 'hot',
      startFixed: true,
      certain: false,
      unread: true,
    }),
  };
}

/** A reheat that did not reach its mark in time is over, whatever is read later (guidance §11.26). */
function withoutReheat(state: FoodState, at: number, { reheating }: RuleSet): FoodState {
  const { cook, faults, place } = state;
  if (!cook || cook.kind === 'cook' || cook.metAt !== null || place === 'gone') return state;
  const overAt = cook.startedAt + reheating.within.value.ms;
  if (at <= overAt || faults.some((fault) => fault.kind === 'notReheated' && fault.at === overAt))
    return state;
  return {
    ...state,
    faults: [...faults, { kind: 'notReheated', at: overAt, certain: true, ruleId: reheating.within.id }],
  };
}
