import type { RuleSet } from '../guidance';
import { isAtLeast, MINUTE_MS } from '../units';
import { unknownAir, targetOf, openExposure, ledgerOf, foundThawed, leftMethod } from '../clocks';
import { withAir } from './airRead';
import { withOutSince } from './beginning';
import { withPartCook } from './cooking';
import type { EventType, FoodEvent } from '../record';
import { ontoHeat } from './heat';
import { withDate, withCountsClosed, withDaysUsed } from './counts';
import { freeze, goTo, inTheCold, putInCold, unfreeze } from './placing';
import { settled } from './cookReadings';
import { takeReading } from './readings';
import { hearOfStore, withIce } from './spells';
import { type FoodState, type Stage } from './state';
import { beginThaw } from './thawing';
import { aired } from './airing';

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
  outSince: (state, { at, payload }) => withOutSince(state, Math.min(payload.since, at)),
  printed: (state, { payload }) => ({ ...state, printed: payload }),

  planned: (state, { payload }) => ({ ...state, plan: payload }),
  planDropped: (state) => ({ ...state, plan: null }),

  thawStarted: (state, { at, payload }, rules) => {
    const { method } = payload;
    const place = method === 'refrigerator' ? 'refrigerator' : method === 'coldWater' ? 'water' : 'heat';
    // From the refrigerator to cold water is a rescue of the same thaw; its minutes so far stand.
    return beginThaw(goTo(state, place, at, rules), payload, at);
  },

  waterChanged: (state, { at }) => {
    const { thaw } = state;
    // Two within a minute are one; a sink does not fill sooner.
    if (!thaw || at < thaw.lastChangeAt + MINUTE_MS) return state;
    return { ...state, thaw: { ...thaw, lastChangeAt: at, changes: thaw.changes + 1 } };
  },

  waterRead: (state, { payload: { temperature } }) => {
    const { thaw } = state;
    if (!thaw || (thaw.water && isAtLeast(thaw.water, temperature))) return state;
    return { ...state, thaw: { ...thaw, water: temperature } };
  },

  thawed: (state, { at }, rules) => {
    const { thaw, stage } = state;
    // Said again later it moves nothing on.
    if (!thaw || stage !== 'thawing') return state;
    const out = thaw.method === 'refrigerator' ? state : goTo(state, 'counter', at, rules);
    return { ...out, stage: 'thawed', thaw: foundThawed(thaw, at) };
  },

  ovenOn: (state, { at, payload }) => ({ ...state, ovenOnAt: at, oven: payload }),

  cookingStarted: (state, event, rules) => ontoHeat(state, event, rules),
  reading: takeReading,

  signSeen: (state, { at }, rules) => {
    const { cook, cooked, place, stage } = state;
    if (place !== 'heat' && stage !== 'resting') return state;
    if (!cook || !targetOf(state, rules)?.value.sign || cook.metAt !== null || cooked) return state;
    return settled({ ...state, cook: { ...cook, signAt: at } }, at, rules);
  },

  offHeat: (state, { at }, rules) => {
    // Off it already: a tap too many takes nothing out of the cold.
    if (state.cook && state.cook.onHeatSince === null) return state;
    return { ...goTo(state, 'counter', at, rules), stage: 'resting' };
  },

  served: (state, { at }, rules) => ({ ...goTo(state, 'table', at, rules), stage: 'serving', servedAt: at }),
  airRead: (state, { at, payload }, rules) => withAir(state, at, payload.temperature, rules),

  putAway: (state, { at, payload: { place, portions, depthM, shelf, covered } }, rules) => {
    const kept = withPartCook(unfreeze(outOfMethod(state, at), at), at, rules);
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
    const out = outOfMethod(state, at);
    const before = inTheCold(place) ? withPartCook(out, at, rules) : out;
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
    return moved.cooked
      ? { ...unfreeze(moved, at), stage: 'stored' }
      : beginThaw(moved, { method: 'refrigerator' }, at);
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
      exposures: openExposure(state.exposures, { ...lost, from, to: at, startFixed: true, asked: at }),
    };
  },
  storeWarm: hearOfStore,
  storeRight: hearOfStore,
  powerOff: hearOfStore,
  powerOn: hearOfStore,
  iceSeen: (state, { at }, rules) => withIce(state, at, rules),
  // Whatever is done with what is in a can has opened it before; saying so does no more. Fish gets air by it.
  opened: (state, { at }, rules) => aired(state, at, rules),
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

/** It leaves the water or the microwave before anybody found it thawed. */
const outOfMethod = (state: FoodState, at: number): FoodState =>
  state.thaw && state.stage === 'thawing' ? { ...state, thaw: leftMethod(state.thaw, at) } : state;

/** Into the freezer; raw food that was thawed goes back only as the school allows. */
function intoFreezer(state: FoodState, at: number, rules: RuleSet): FoodState {
  const closed = withDaysUsed(withCountsClosed(state, at, rules), at, rules);
  const { afterRefrigerator, afterWaterOrMicrowave } = rules.refreezing;
  const rule = state.thaw?.method === 'refrigerator' ? afterRefrigerator : afterWaterOrMicrowave;
  const again = state.thaw !== null && !state.cooked && state.frozenSince === null && !rule.value.yes;
  const faults = again
    ? [...closed.faults, { kind: 'refrozen', at, certain: true, ruleId: rule.id } as const]
    : closed.faults;
  return freeze({ ...closed, faults }, at);
}

function stageInStore(state: FoodState): Stage {
  if (state.cooked) return 'stored';
  if (!state.thaw) return 'raw';
  return state.thaw.thawedAt === null ? 'thawing' : 'thawed';
}
