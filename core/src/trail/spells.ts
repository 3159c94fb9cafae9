import type { RuleSet } from '../guidance';
import {
  closeExposure,
  ledgerOf,
  openExposure,
  runningExposure,
  type Exposure,
  powerOffIn,
  beginningOf,
  type Spell,
} from '../clocks';
import type { FoodEvent } from '../record';
import { inTheCold } from './placing';
import type { FoodState } from './state';

type OfStore = 'storeWarm' | 'storeRight' | 'powerOff' | 'powerOn';
const OF_STORE: ReadonlySet<FoodEvent['type']> = new Set<OfStore>([
  'storeWarm',
  'storeRight',
  'powerOff',
  'powerOn',
]);

/** Whether an event tells a food how the store it is in is. */
export const tellsOfStore = (event: FoodEvent): event is FoodEvent<OfStore> => OF_STORE.has(event.type);

/** Takes in what a food is told of the store it is in, and counts from there. */
export function hearOfStore(state: FoodState, event: FoodEvent<OfStore>, rules: RuleSet): FoodState {
  if (!inTheCold(state.place)) return state;
  const { warmFrom, power } = state.spell ?? NO_SPELL;
  switch (event.type) {
    case 'storeWarm': {
      const since = Math.min(event.payload.since, event.at);
      return counting(withSpell(state, { warmFrom: Math.min(warmFrom ?? since, since), power }), 0, event.at);
    }
    case 'powerOff': {
      const since = Math.min(event.payload.since, event.at);
      const off = powerOffIn(state.place, { ...event.payload, since }, rules);
      const sooner = power && power.coldUntil <= off.coldUntil ? power : off;
      return counting(withSpell(state, { warmFrom, power: sooner }), 0, event.at);
    }
    case 'storeRight':
      return warmFrom === null ? state : over(withSpell(state, { warmFrom: null, power }), event.at);
    case 'powerOn':
      return power === null ? state : over(withSpell(state, { warmFrom, power: null }), event.at);
  }
}

const NO_SPELL: Spell = { warmFrom: null, power: null };

const withSpell = (state: FoodState, spell: Spell): FoodState => ({
  ...state,
  spell: spell.warmFrom === null && spell.power === null ? null : spell,
});

/** What a spell counted so far stays counted. */
function over(state: FoodState, at: number): FoodState {
  return runningExposure(state.exposures)?.spell
    ? { ...state, exposures: closeExposure(state.exposures, at, 'settled') }
    : state;
}

/**
 * While its store cannot be relied on, the clock of a food runs from the last good record until the food itself is read
 * (guidance §11.18). Nobody knows how warm the food is, so this alone never condemns it.
 *
 * @param earliest epoch ms; what lies before was settled
 */
export function counting(state: FoodState, earliest = 0, asked = earliest): FoodState {
  const { spell, place } = state;
  if (!spell || state.sealed || !inTheCold(place)) return state;
  const [begins, why] = beginningOf(spell);
  const from = Math.max(begins, earliest, state.placeSince, state.lastGood?.at ?? 0);
  const running = runningExposure(state.exposures);
  if (running && (!running.spell || running.from <= from)) return state;
  return {
    ...state,
    exposures: openExposure(
      state.exposures.filter((each) => each !== running),
      {
        ledger: ledgerOf(state),
        from,
        place,
        side: 'cold',
        startFixed: true,
        certain: false,
        // What was asked already is no new question for having begun earlier.
        asked: Math.max(from, Math.min(asked, running?.asked ?? asked)),
        spell: why,
      },
    ),
  };
}

/** Without what a spell would count only later: it is counted anew after each event. */
export function begunBy(state: FoodState, at: number): FoodState {
  const later = ({ spell, from, to }: Exposure) => spell !== undefined && to === null && from >= at;
  return state.exposures.some(later)
    ? { ...state, exposures: state.exposures.filter((each) => !later(each)) }
    : state;
}

/** Ice crystals in it are as good as a reading as cold as a refrigerator, where nobody has read it warm. */
export function withIce(state: FoodState, at: number, { bands }: RuleSet): FoodState {
  if (!state.spell || runningExposure(state.exposures)?.certain) return state;
  return settleSpell({ ...state, lastGood: { at, temperature: bands.refrigerator.value.at } }, at);
}

/** Food that reads cold while its store is warm was cold all along: there it only gets warmer. */
export function settleSpell(state: FoodState, at: number): FoodState {
  if (!runningExposure(state.exposures)?.spell) return state;
  const exposures = state.exposures.map((each) => (each.to === null ? { ...each, from: at } : each));
  return { ...state, exposures };
}
