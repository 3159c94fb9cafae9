import { openExposure, ledgerOf } from '../../clocks';
import { withOutSince } from '../beginning';
import { withDate } from '../counts';
import { aired } from '../airing';
import type { Handler, HandlersOf } from './handler';

/** A label says nothing of the food itself. */
export const labelled: Handler<'labelled'> = (state, { payload: { says = null } }) => ({
  ...state,
  labelled: true,
  labelSays: says,
});

export const allergens: Handler<'allergens'> = (state, { payload }) => ({
  ...state,
  allergens: payload.contains,
});

/** What is said of a food where it stands: its dates, its label, what nobody saw. */
export const saying: HandlersOf<
  'dated' | 'outSince' | 'printed' | 'unaccounted' | 'opened' | 'labelled' | 'allergens'
> = {
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
  unaccounted: (state, { at, payload }) => {
    const from = Math.min(payload.since, at);
    const lost = { ledger: ledgerOf(state), place: state.place, side: 'cold', certain: false } as const;
    return {
      ...state,
      exposures: openExposure(state.exposures, { ...lost, from, to: at, startFixed: true, asked: at }),
    };
  },
  // Whatever is done with what is in a can has opened it before; saying so does no more. Fish gets air by it.
  opened: (state, { at }, rules) => aired(state, at, rules),
  labelled,
  allergens,
};
