import { foundThawed } from '../../clocks';
import { goTo } from '../placing';
import { beginThaw } from '../thawing';
import { isAtLeast, MINUTE_MS } from '../../units';
import type { HandlersOf } from './handler';

/** Thawing. */
export const thawing: HandlersOf<'thawStarted' | 'waterChanged' | 'waterRead' | 'thawed'> = {
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
};
