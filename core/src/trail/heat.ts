import type { RuleSet } from '../guidance';
import { isAtLeast } from '../units';
import { canRescue, mindsTheBand } from '../clocks';
import { coolingFault } from './chilling';
import type { FoodEvent } from '../record';
import { withCountsClosed } from './counts';
import { goTo, inTheCold, unfreeze } from './placing';
import type { CookState, FoodState } from './state';
import { aired } from './airing';

/**
 * Food goes on the heat: the same cook goes on after a tap too many, a reading that was too low, or a short time off the heat
 * that never let it get below hot; else it is the first full cook, or it is heated again (guidance §11.26).
 */
export function ontoHeat(state: FoodState, event: FoodEvent<'cookingStarted'>, rules: RuleSet): FoodState {
  const { at, payload } = event;
  const by = payload.by ?? null;
  const { cook } = state;
  if (cook && cook.onHeatSince !== null) return { ...state, cook: { ...cook, by: cook.by ?? by } };
  const goesOn = cook !== null && sameCook(state, cook, at, rules);
  const counted = goesOn ? state : withCountsClosed(state, at, rules);
  const hot = goTo(aired(unfreeze(counted, at), at, rules), 'heat', at, rules);
  if (goesOn) {
    return {
      ...hot,
      stage: cook.kind === 'cook' ? 'cooking' : 'reheating',
      cook: { ...cook, by: cook.by ?? by, onHeatSince: at, offHeatAt: null },
    };
  }
  return state.cooked
    ? reheated(state, hot, at, by, rules)
    : { ...hot, stage: 'cooking', cook: newCook(state, at, by) };
}

function sameCook(state: FoodState, cook: CookState, at: number, rules: RuleSet): boolean {
  if (cook.kind === 'cook' && cook.metAt === null) return true;
  if (cook.offHeatAt === null || inTheCold(state.place)) return false;
  const { lastReading } = state;
  const fell =
    lastReading !== null &&
    lastReading.at >= cook.offHeatAt &&
    !isAtLeast(lastReading.temperature, rules.bands.growth.value.high);
  return !fell && at - cook.offHeatAt <= rules.cooking.sameCook.value.ms;
}

function asItWent({ stage, thaw, lastReading, placeSince }: FoodState): CookState['from'] {
  if (stage === 'frozen') return 'frozen';
  if (thaw && thaw.thawedAt === null) return 'icy';
  return lastReading && lastReading.at >= placeSince ? lastReading.temperature : null;
}

const newCook = (
  before: FoodState,
  at: number,
  by: CookState['by'],
  kind: CookState['kind'] = 'cook',
): CookState => ({
  kind,
  startedAt: at,
  from: asItWent(before),
  by,
  onHeatSince: at,
  readings: [],
  signAt: null,
  metAt: null,
  onceMetAt: null,
  offHeatAt: null,
  fellAt: null,
  before: null,
  heldChill: null,
});

/**
 * Heating again: to mend a cooling that lost its first mark, once, or the one reheat there is (guidance §11.16). Until it is
 * read at the mark the cooling it broke off is not forgotten.
 */
function reheated(
  before: FoodState,
  hot: FoodState,
  at: number,
  by: CookState['by'],
  rules: RuleSet,
): FoodState {
  const { chill } = before;
  const kind = canRescue(before, at, rules) ? 'rescue' : 'reheat';
  const cook = { ...newCook(before, at, by, kind), heldChill: chill };
  const heated: FoodState = { ...hot, stage: 'reheating', cook, cooling: null };
  if (kind === 'rescue') return heated;
  const once = { ...heated, reheats: before.reheats + 1 };
  if (!chill || !rules.cooling.marksBind.value.yes || !mindsTheBand(before)) return once;
  const fault = coolingFault(chill, at, rules);
  return fault ? { ...once, faults: [...once.faults, fault] } : once;
}
