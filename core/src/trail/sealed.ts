import type { RuleSet } from '../guidance';
import type { FoodEvent } from '../record';
import { allergens, labelled } from './events/saying';
import { openExposure, ledgerOf } from '../clocks';
import { hearOfStore, tellsOfStore } from './spells';
import type { FoodState } from './state';

/**
 * A can is opened: its days count from here, and where nothing keeps it cold so does its time in the band. What was open
 * already gets no new days by it.
 */
export function opened(state: FoodState, at: number): FoodState {
  if (!state.sealed) return state;
  const fresh: FoodState = { ...state, sealed: false, daysFrom: at, pauses: [], lastThawedAt: null };
  const place = state.place === 'cupboard' ? 'counter' : state.place;
  const out = { ...fresh, place, placeSince: at };
  if (place === 'refrigerator') return out;
  const start = { ledger: ledgerOf(state), from: at, place, side: 'cold' } as const;
  return { ...out, exposures: openExposure(state.exposures, start) };
}

/** What is done with what is in a pack, so that somebody has opened it. */
const OPENS: ReadonlySet<FoodEvent['type']> = new Set([
  'opened',
  'cookingStarted',
  'served',
  'putAway',
  'dividedOff',
  'joined',
]);

/** A pack is opened, said or not: its days begin. */
export function unpacked(state: FoodState, { type, at }: FoodEvent): FoodState {
  return state.unopened && OPENS.has(type)
    ? { ...state, unopened: false, daysFrom: at, pauses: [], lastThawedAt: null }
    : state;
}

/** What happens to a can as it stands, whatever became of the air around it. */
const LEAVES_CLOSED: ReadonlySet<FoodEvent['type']> = new Set([
  'dated',
  'note',
  'unaccounted',
  'airRead',
  'iceSeen',
]);

/**
 * A can that is still closed, after an event that leaves it so: it can be moved about, and nothing in it counts. Anything
 * else is done with the food in it, so somebody opened it, said or not.
 *
 * @returns null where the event is not one of these
 */
export function stillSealed(state: FoodState, event: FoodEvent, rules: RuleSet): FoodState | null {
  if (!state.sealed) return null;
  if (tellsOfStore(event)) return hearOfStore(state, event, rules);
  const { type, at, payload } = event;
  if (type === 'labelled') return labelled(state, event, rules);
  if (type === 'allergens') return allergens(state, event, rules);
  if (type === 'printed') return { ...state, printed: payload };
  if (LEAVES_CLOSED.has(type)) return state;
  if (type !== 'moved' || payload.place === 'freezer') return null;
  const { place, shelf = null } = payload;
  return { ...state, place, placeSince: at, shelf, spell: place === state.place ? state.spell : null };
}
