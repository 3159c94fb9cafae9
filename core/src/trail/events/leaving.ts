import { goTo } from '../placing';
import type { HandlersOf } from './handler';

/** Part of it or all of it goes. */
export const leaving: HandlersOf<'dividedOff' | 'joinedTo' | 'eaten' | 'discarded'> = {
  dividedOff: (state, { payload: { massKg, portions } }) => ({
    ...state,
    massKg: Math.max(state.massKg - massKg, LEAST_KG),
    container: state.container && {
      ...state.container,
      portions: Math.max(1, state.container.portions - (portions ?? 0)),
    },
  }),
  joinedTo: (state, { at }, rules) => ({ ...goTo(state, 'gone', at, rules), stage: 'joined', plan: null }),
  eaten: (state, { at }, rules) => ({ ...goTo(state, 'gone', at, rules), stage: 'eaten', plan: null }),
  discarded: (state, { at }, rules) => ({
    ...goTo(state, 'gone', at, rules),
    stage: 'discarded',
    plan: null,
  }),
};

/** Something is left of what was divided, if only to be finished. */
const LEAST_KG = 0.001;
