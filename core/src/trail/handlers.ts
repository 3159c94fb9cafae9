import type { RuleSet } from '../guidance';
import { unknownAir, withAir } from './air';
import { canRescue, isLost, marksAt } from './chill';
import { withPartCook } from './cooking';
import { targetOf } from './foodRules';
import type { EventType, FoodEvent } from './events';
import { closeExposure, openExposure, runningExposure } from './exposure';
import { withDate, withCountsClosed } from './life';
import { freeze, goTo, inTheCold, putInCold, unfreeze } from './placing';
import { takeReading } from './readings';
import { hearOfStore, withIce } from './spells';
import { ledgerOf, type CookState, type Fault, type FoodState, type Stage } from './state';
import { beginThaw, withWaterCounted } from './thawing';

type Handler<Type extends EventType> = (
  state: FoodState,
  event: FoodEvent<Type>,
  rules: RuleSet,
) => FoodState;

/** What each type of event does to a food's state. */
export const handlers: { [Type in EventType]: Handler<Type> } = {
  // Beginnings, and what needs another food's history, are taken in where a trail is folded.
  added: (state) => state,
  portioned: (state) => state,
  joined: (state) => state,
  note: (state) => state,
  // Taken in before folding, since it speaks of another event; so is the guidance, which holds for the whole history.
  corrected: (state) => state,
  guided: (state) => state,

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
    return beginThaw(goTo(withWaterCounted(state, at, rules), place, at, rules), method, at);
  },

  waterChanged: (state, { at }, rules) => {
    const counted = withWaterCounted(state, at, rules);
    if (!counted.thaw) return counted;
    return { ...counted, thaw: { ...counted.thaw, lastChangeAt: at, changes: counted.thaw.changes + 1 } };
  },

  thawed: (state, { at }, rules) => {
    const counted = withWaterCounted(state, at, rules);
    if (!counted.thaw) return counted;
    const out = counted.thaw.method === 'refrigerator' ? counted : goTo(counted, 'counter', at, rules);
    return { ...out, stage: 'thawed', thaw: { ...counted.thaw, thawedAt: at } };
  },

  ovenOn: (state, { at }) => ({ ...state, ovenOnAt: at }),

  cookingStarted: (state, { at }, rules) => {
    const checked = withCountsClosed(withWaterCounted(state, at, rules), at, rules);
    const hot = goTo(unfreeze(checked, at), 'heat', at, rules);
    if (state.cooked) return reheat(state, hot, at, rules);
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

  offHeat: (state, { at }, rules) => {
    const out = goTo(state, 'counter', at, rules);
    return { ...out, stage: 'resting', cook: state.cook && { ...state.cook, offHeatAt: at } };
  },

  served: (state, { at }, rules) => ({ ...goTo(state, 'table', at, rules), stage: 'serving', servedAt: at }),
  airRead: (state, { at, payload }, rules) => withAir(state, at, payload.temperature, rules),

  putAway: (state, { at, payload: { place, portions, depthM, shelf, covered } }, rules) => {
    const kept = withPartCook(unfreeze(state, at), at, rules);
    const cold = putInCold(kept, at, place, depthM, rules);
    const stored: FoodState = {
      ...cold,
      stage: stageInStore(cold),
      container: { portions, depthM },
      shelf: shelf ?? null,
      covered: covered ?? cold.covered,
      labelled: false,
      plan: null,
    };
    return place === 'freezer' ? intoFreezer(stored, at, rules) : stored;
  },

  moved: (state, { at, payload }, rules) => {
    const { place, shelf, covered } = payload;
    if (place === state.place && place === 'refrigerator')
      return { ...state, shelf: shelf ?? state.shelf, covered: covered ?? state.covered };
    const counted = withWaterCounted(state, at, rules);
    const before =
      place === 'refrigerator' || place === 'freezer' ? withPartCook(counted, at, rules) : counted;
    const { container } = before;
    // What goes back into the cold as it was is as deep as it was.
    const put =
      inTheCold(place) && !inTheCold(before.place) && container
        ? putInCold(before, at, place, container.depthM, rules)
        : goTo(before, place, at, rules, unknownAir(place, payload, before, rules));
    const moved: FoodState = {
      ...put,
      shelf: shelf ?? null,
      covered: covered ?? state.covered,
    };
    if (place === 'freezer') return intoFreezer(moved, at, rules);
    if (state.stage !== 'frozen') return moved;
    // Frozen food that leaves the freezer begins to thaw, whether or not anyone said so.
    return moved.cooked ? { ...unfreeze(moved, at), stage: 'stored' } : beginThaw(moved, 'refrigerator', at);
  },

  coolingPlanned: (state, { at, payload }) => ({
    ...state,
    cooling: { plannedAt: at, plan: payload, coldest: null },
  }),

  dividedOff: (state, { payload: { massKg, portions } }) => ({
    ...state,
    massKg: Math.max(state.massKg - massKg, LEAST_KG),
    container: state.container && {
      ...state.container,
      portions: Math.max(1, state.container.portions - (portions ?? 0)),
    },
  }),
  joinedTo: (state, { at }, rules) => ({ ...goTo(state, 'gone', at, rules), stage: 'joined', plan: null }),
  unaccounted: (state, { at, payload }) => {
    const from = Math.min(payload.since, at);
    const lost = { ledger: ledgerOf(state), place: state.place, side: 'cold', certain: false } as const;
    return {
      ...state,
      exposures: openExposure(state.exposures, { ...lost, from, to: at, startFixed: true }),
    };
  },
  storeWarm: hearOfStore,
  storeRight: hearOfStore,
  powerOff: hearOfStore,
  powerOn: hearOfStore,
  iceSeen: (state, { at }, rules) => withIce(state, at, rules),
  // Whatever is done with what is in a can has opened it before; saying so does no more.
  opened: (state) => state,
  labelled: (state) => ({ ...state, labelled: true }),

  eaten: (state, { at }, rules) => ({ ...goTo(state, 'gone', at, rules), stage: 'eaten', plan: null }),
  discarded: (state, { at }, rules) => ({
    ...goTo(state, 'gone', at, rules),
    stage: 'discarded',
    plan: null,
  }),
};

/** Something is left of what was divided, if only to be finished. */
const LEAST_KG = 0.001;

const newCook = (at: number): CookState => ({ startedAt: at, readings: [], metAt: null, offHeatAt: null });

/** Heating again: one rescue of a cooling that missed its first mark, else the one reheat there is (guidance §11.16). */
function reheat(before: FoodState, hot: FoodState, at: number, rules: RuleSet): FoodState {
  const heated: FoodState = { ...hot, stage: 'reheating', cook: newCook(at), cooling: null };
  const { chill, rescues } = before;
  if (canRescue(before, at, rules)) return { ...heated, rescues: rescues + 1 };
  if (!chill || !rules.cooling.marksBind.value.yes) return { ...heated, reheats: before.reheats + 1 };
  const lost = marksAt(chill, at, rules).filter(isLost);
  const fault: Fault = {
    kind: 'coolingMissed',
    at,
    certain: lost.some(({ status }) => status === 'missed'),
    ruleId: rules.cooling.firstMark.id,
  };
  const faults = lost.length ? [...hot.faults, fault] : hot.faults;
  return { ...heated, reheats: before.reheats + 1, faults };
}

/** Into the freezer; raw food that was thawed goes back only as the school allows. */
function intoFreezer(state: FoodState, at: number, rules: RuleSet): FoodState {
  const closed = withCountsClosed(state, at, rules);
  const { afterRefrigerator, afterWaterOrMicrowave } = rules.refreezing;
  const rule = state.thaw?.method === 'refrigerator' ? afterRefrigerator : afterWaterOrMicrowave;
  const again = state.thaw !== null && !state.cooked && state.frozenSince === null && !rule.value.yes;
  const faults = again
    ? [...closed.faults, { kind: 'refrozen', at, certain: true, ruleId: rule.id } as const]
    : closed.faults;
  return freeze({ ...closed, faults }, at);
}

/**
 * A full cook opens the cooked ledger and starts the count of days. A band clock already running (the target was met
 * while resting) goes on from here on the new ledger.
 */
function finishCook(state: FoodState, at: number): FoodState {
  const running = runningExposure(state.exposures);
  const exposures = running
    ? openExposure(closeExposure(state.exposures, at, 'used'), {
        ledger: 'cooked',
        from: at,
        place: running.place,
        side: 'hot',
        factor: running.factor,
      })
    : state.exposures;
  return { ...state, cooked: true, daysFrom: at, pauses: [], frozenSince: null, exposures };
}

function stageInStore(state: FoodState): Stage {
  if (state.cooked) return 'stored';
  if (!state.thaw) return 'raw';
  return state.thaw.thawedAt === null ? 'thawing' : 'thawed';
}
