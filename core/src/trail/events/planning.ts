import type { HandlersOf } from './handler';

/** What is meant to be done with it. */
export const planning: HandlersOf<'planned' | 'planDropped' | 'coolingPlanned'> = {
  planned: (state, { payload }) => ({ ...state, plan: payload }),
  planDropped: (state) => ({ ...state, plan: null }),
  coolingPlanned: (state, { at, payload }) => ({
    ...state,
    cooling: { plannedAt: at, plan: payload, coldest: null },
  }),
};
