import { ontoHeat } from '../heat';
import { goTo } from '../placing';
import { settled } from '../cookReadings';
import { takeReading } from '../readings';
import type { HandlersOf } from './handler';

/** On the heat, read there, off it, and on the table. */
export const heating: HandlersOf<
  'ovenOn' | 'cookingStarted' | 'reading' | 'signSeen' | 'offHeat' | 'served'
> = {
  ovenOn: (state, { at, payload }) => ({ ...state, ovenOnAt: at, oven: payload }),
  cookingStarted: (state, event, rules) => ontoHeat(state, event, rules),
  reading: takeReading,
  signSeen: (state, { at }, rules) => {
    const { cook, cooked, place, stage } = state;
    if (place !== 'heat' && stage !== 'resting') return state;
    if (!cook || cook.metAt !== null || cooked) return state;
    return settled({ ...state, cook: { ...cook, signAt: at } }, at, rules);
  },
  offHeat: (state, { at }, rules) => {
    // Off it already: a tap too many takes nothing out of the cold.
    if (state.cook && state.cook.onHeatSince === null) return state;
    return { ...goTo(state, 'counter', at, rules), stage: 'resting' };
  },
  served: (state, { at }, rules) => ({ ...goTo(state, 'table', at, rules), stage: 'serving', servedAt: at }),
};
