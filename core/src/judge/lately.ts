import { clockFace, type ClockFace } from '../time';
import { MINUTE_MS } from '../units';
import { judge } from './judge';
import type { JudgeContext } from './finding';
import type { Ruling } from './ruling';
import type { FoodState } from '../trail';

interface Known {
  readonly context: JudgeContext;
  /** As its times were read. */
  readonly face: ClockFace;
  readonly ruling: Ruling | null;
}

/** Rulings by the state they are of: a state that is gone takes its ruling with it. */
const known = new WeakMap<FoodState, Known>();

/**
 * The ruling as it was made within this minute, or made anew: what is on a screen is asked for every few seconds, and says no more
 * than minutes. The moments a ruling speaks of are kept to the millisecond.
 */
export function judgeLately(state: FoodState, context: JudgeContext): Ruling | null {
  const last = known.get(state);
  if (last && holds(last, context)) return last.ruling;
  const ruling = judge(state, context);
  known.set(state, { context, face: clockFace(), ruling });
  return ruling;
}

function holds({ context: then, face, ruling }: Known, now: JudgeContext): boolean {
  if (now.now < then.now || minuteOf(now.now) !== minuteOf(then.now)) return false;
  const same =
    face === clockFace() &&
    now.guidance === then.guidance &&
    now.units === then.units &&
    now.zone === then.zone &&
    now.formerZones === then.formerZones;
  return same && ![ruling?.until, ruling?.deadline?.at].some((edge) => isPassed(edge, then.now, now.now));
}

const minuteOf = (at: number): number => Math.floor(at / MINUTE_MS);

/** Whether a moment at which a ruling still stands lies behind by now, and did not then. */
const isPassed = (edge: number | null | undefined, then: number, now: number): boolean =>
  typeof edge === 'number' && edge >= then && edge < now;
