import type { RuleSet } from '../guidance';
import { targetOf, withPartCook } from './cooking';
import type { EventType, FoodEvent } from './events';
import { airFactor, closeExposure, openExposure, runningExposure } from './exposure';
import { withDate, withDaysChecked } from './life';
import { freeze, goTo, putInCold, unfreeze } from './placing';
import { takeReading } from './readings';
import type { CookState, FoodState, Stage } from './state';
import { beginThaw, withMissedWater } from './thawing';

type Handler<Type extends EventType> = (
  state: FoodState,
  event: FoodEvent<Type>,
  rules: RuleSet,
) => FoodState;

/** What each type of event does to a food's state. */
export const handlers: { [Type in EventType]: Handler<Type> } = {
  added: (state) => state,
  note: (state) => state,
  // Taken in before folding, since it speaks of another event.
  corrected: (state) => state,

  dated: (state, { at, payload }) => {
    const since = Math.min(payload.since, at);
    const thaw =
      state.thaw && state.thaw.thawedAt === null && !state.cooked && state.stage === 'thawed'
        ? { ...state.thaw, thawedAt: since }
        : state.thaw;
    return { ...withDate(state, since), thaw };
  },
  planned: (state, { payload }) => ({ ...state, plan: payload }),
  planDropped: (state) => ({ ...state, plan: null }),

  thawStarted: (state, { at, payload: { method } }, rules) => {
    const place = method === 'refrigerator' ? 'refrigerator' : method === 'coldWater' ? 'water' : 'heat';
    // From the refrigerator to cold water is a rescue of the same thaw; its minutes so far stand.
    return beginThaw(goTo(withMissedWater(state, at, rules), place, at), method, at);
  },

  waterChanged: (state, { at }, rules) => {
    const counted = withMissedWater(state, at, rules);
    if (!counted.thaw) return counted;
    return { ...counted, thaw: { ...counted.thaw, lastChangeAt: at, changes: counted.thaw.changes + 1 } };
  },

  thawed: (state, { at }, rules) => {
    const counted = withMissedWater(state, at, rules);
    if (!counted.thaw) return counted;
    const out = counted.thaw.method === 'refrigerator' ? counted : goTo(counted, 'counter', at);
    return { ...out, stage: 'thawed', thaw: { ...counted.thaw, thawedAt: at } };
  },

  ovenOn: (state, { at }) => ({ ...state, ovenOnAt: at }),

  cookingStarted: (state, { at }, rules) => {
    const checked = withDaysChecked(withMissedWater(state, at, rules), at, rules);
    const hot = goTo(unfreeze(checked, at), 'heat', at);
    if (state.cooked)
      return { ...hot, stage: 'reheating', reheats: state.reheats + 1, cook: newCook(at), cooling: null };
    // Back on the heat after a reading that was too low is the same cook going on.
    const cook = state.cook && state.cook.metAt === null ? { ...state.cook, offHeatAt: null } : newCook(at);
    return { ...hot, stage: 'cooking', cook };
  },

  reading: (state, event, rules) => {
    const read = takeReading(state, event, rules);
    return read.cook && read.cook.metAt !== null && !read.cooked ? finishCook(read, event.at) : read;
  },

  signSeen: (state, { at }, rules) => {
    const target = targetOf(state, rules);
    if (!state.cook || !target?.value.sign || state.cook.metAt !== null || state.cooked) return state;
    return finishCook({ ...state, cook: { ...state.cook, metAt: at } }, at);
  },

  offHeat: (state, { at }) => {
    const out = goTo(state, 'counter', at);
    return { ...out, stage: 'resting', cook: state.cook && { ...state.cook, offHeatAt: at } };
  },

  served: (state, { at, payload }, rules) => {
    const out = goTo(state, 'table', at, airFactor(payload.air, rules));
    return { ...out, stage: 'serving', servedAt: at };
  },

  putAway: (state, { at, payload: { place, portions, depthM } }, rules) => {
    const kept = withPartCook(unfreeze(state, at), at, rules);
    const cold = putInCold(kept, at, place, depthM, rules);
    const stored: FoodState = {
      ...cold,
      stage: stageInStore(cold),
      container: { portions, depthM },
      plan: null,
    };
    return place === 'freezer' ? freeze(withDaysChecked(stored, at, rules), at) : stored;
  },

  moved: (state, { at, payload: { place, air } }, rules) => {
    const counted = withMissedWater(state, at, rules);
    const before =
      place === 'refrigerator' || place === 'freezer' ? withPartCook(counted, at, rules) : counted;
    const moved = goTo(before, place, at, airFactor(air, rules));
    if (place === 'freezer') return freeze(withDaysChecked(moved, at, rules), at);
    if (state.stage !== 'frozen') return moved;
    // Frozen food that leaves the freezer begins to thaw, whether or not anyone said so.
    return moved.cooked ? { ...unfreeze(moved, at), stage: 'stored' } : beginThaw(moved, 'refrigerator', at);
  },

  coolingPlanned: (state, { at, payload }) => ({
    ...state,
    cooling: { plannedAt: at, plan: payload, coldest: null },
  }),

  eaten: (state, { at }) => ({ ...goTo(state, 'gone', at), stage: 'eaten', plan: null }),
  discarded: (state, { at }) => ({ ...goTo(state, 'gone', at), stage: 'discarded', plan: null }),
};

const newCook = (at: number): CookState => ({ startedAt: at, readings: [], metAt: null, offHeatAt: null });

/**
 * A full cook opens the cooked ledger and starts the count of days. A band clock already running (the target was met
 * while resting) goes on from here on the new ledger.
 */
function finishCook(state: FoodState, at: number): FoodState {
  const running = runningExposure(state.exposures);
  const exposures = running
    ? openExposure(closeExposure(state.exposures, at), {
        ledger: 'cooked',
        from: at,
        place: running.place,
        side: 'hot',
        factor: running.factor,
      })
    : state.exposures;
  return { ...state, cooked: true, daysFrom: at, frozenMs: 0, frozenSince: null, exposures };
}

function stageInStore(state: FoodState): Stage {
  if (state.cooked) return 'stored';
  if (!state.thaw) return 'raw';
  return state.thaw.thawedAt === null ? 'thawing' : 'thawed';
}
