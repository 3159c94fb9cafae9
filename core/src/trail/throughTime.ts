import type { RuleSet } from '../guidance';
import { isAtLeast } from '../units';
import { openExposure, runningExposure, ledgerOf, mindsTheBand } from '../clocks';
import { coldCheckBy } from './holding';
import type { CookState, FoodState } from './state';
import { withAtOnceCounted, withMicrowaveOver, withWaterCounted } from './thawing';

/**
 * A food as time alone has made it by a moment: what counts because nothing was done. Every event finds it so, and every
 * ruling is of it.
 */
export function throughTime(state: FoodState, at: number, rules: RuleSet): FoodState {
  const out = withMicrowaveOver(withWaterCounted(state, at, rules), at, rules);
  const thawed = withAtOnceCounted(out, at, rules);
  const held = withColdUnread(withHotUnread(thawed, at, rules), at, rules);
  return withoutReheat(withCookUnread(held, at, rules), at, rules);
}

/**
 * Hot past the check of hot food and read by nobody: it may have got below hot since (guidance §1, §11.22). Whether that
 * was all it had to reach is another question.
 */
function withHotUnread(state: FoodState, at: number, { holding, bands }: RuleSet): FoodState {
  const { cook, place, lastGood, exposures } = state;
  const begun = cook && (cook.metAt ?? cook.onceMetAt ?? firstHotAt(cook, bands));
  if (place !== 'heat' || begun === null || cook!.onHeatSince === null) return state;
  const hotAt = Math.max(begun, cook!.onHeatSince, lastGood?.at ?? 0);
  const from = hotAt + holding.hotCheck.value.ms;
  if (at <= from || runningExposure(exposures)) return state;
  return {
    ...state,
    exposures: openExposure(exposures, {
      ledger: ledgerOf(state),
      from,
      place,
      side: 'hot',
      startFixed: true,
      certain: false,
      unread: true,
    }),
  };
}

/** On ice past the check of cold food and read by nobody: it may have got warm since (guidance §1). */
function withColdUnread(state: FoodState, at: number, rules: RuleSet): FoodState {
  const until = coldCheckBy(state, rules);
  if (until === null || at <= until) return state;
  const unread = {
    ledger: ledgerOf(state),
    from: until,
    place: 'ice',
    side: 'cold',
    fromCold: true,
    startFixed: true,
    certain: false,
    unread: true,
  } as const;
  return { ...state, exposures: openExposure(state.exposures, unread) };
}

/** Since when a cook has been hot, by a sign or by a reading; null where nobody saw it so. */
const firstHotAt = ({ signAt, readings }: CookState, { growth }: RuleSet['bands']): number | null =>
  signAt ?? readings.find(({ temperature }) => isAtLeast(temperature, growth.value.high))?.at ?? null;

/** When a cook that goes on was last known to be hot. */
export const cookReadAt = ({ startedAt, onHeatSince, readings }: CookState, { bands }: RuleSet): number =>
  Math.max(
    onHeatSince ?? startedAt,
    readings.findLast(({ temperature }) => isAtLeast(temperature, bands.growth.value.high))?.at ?? 0,
  );

/** On the heat for so long that nobody knows how it stands, and for as long again: nobody can say (guidance §11.27). */
function withCookUnread(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { cook, cooked, place, faults } = state;
  if (place !== 'heat' || !cook || cooked || cook.kind !== 'cook') return state;
  const rule = rules.cooking.unread;
  const overAt = cookReadAt(cook, rules) + 2 * rule.value.ms;
  if (at <= overAt || faults.some((fault) => fault.kind === 'unreadOnHeat')) return state;
  return {
    ...state,
    faults: [...faults, { kind: 'unreadOnHeat', at: overAt, certain: true, ruleId: rule.id }],
  };
}

/** A reheat that did not reach its mark in time is over, whatever is read later (guidance §11.26). */
function withoutReheat(state: FoodState, at: number, { reheating }: RuleSet): FoodState {
  const { cook, faults, place } = state;
  if (!cook || cook.kind === 'cook' || cook.metAt !== null || place === 'gone') return state;
  if (!mindsTheBand(state)) return state;
  const overAt = cook.startedAt + reheating.within.value.ms;
  if (at <= overAt || faults.some((fault) => fault.kind === 'notReheated' && fault.at === overAt))
    return state;
  return {
    ...state,
    faults: [...faults, { kind: 'notReheated', at: overAt, certain: true, ruleId: reheating.within.id }],
  };
}
