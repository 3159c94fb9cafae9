import type { RuleSet } from '../guidance';
import { marksAt, type Chill, type MarkStatus } from './chill';
import { bandTime, type Exposure, type Ledger } from './exposure';
import { pausedMs } from './life';
import { goTo } from './placing';
import type { FoodState } from './state';

/**
 * Two foods put together: from here on it is as the worse of both in everything. Raw in cooked makes the whole raw.
 *
 * @param other the food that is put to `state`, as it was
 * @param at epoch ms
 */
export function worseOfBoth(state: FoodState, other: FoodState, at: number, rules: RuleSet): FoodState {
  const moved = goTo(other, state.place, at, rules);
  const older = olderOf(state, moved);
  const raw = [state, moved].find(({ cooked }) => !cooked);
  return {
    ...state,
    massKg: state.massKg + moved.massKg,
    cooked: raw === undefined,
    stage: raw?.stage ?? state.stage,
    daysFrom: older.daysFrom,
    pauses: older.pauses,
    thaw: state.thaw ?? moved.thaw,
    cook: raw ? raw.cook : state.cook,
    exposures: [...worseOn('raw', state, moved, at), ...worseOn('cooked', state, moved, at)],
    faults: [...state.faults, ...moved.faults],
    closedCounts: [...state.closedCounts, ...moved.closedCounts],
    chill: worseChill(state.chill, moved.chill, at, rules),
    spell: state.spell ?? moved.spell,
    rescues: Math.max(state.rescues, moved.rescues),
    reheats: Math.max(state.reheats, moved.reheats),
    container: state.container &&
      moved.container && {
        portions: state.container.portions + moved.container.portions,
        depthM: Math.max(state.container.depthM, moved.container.depthM),
      },
    labelled: false,
  };
}

/** The one whose days began first; one of unknown age before any. */
function olderOf(a: FoodState, b: FoodState): FoodState {
  if (a.daysFrom === null) return a;
  if (b.daysFrom === null) return b;
  return a.daysFrom + pausedMs(a.pauses) <= b.daysFrom + pausedMs(b.pauses) ? a : b;
}

/** On a ledger: what is certain of the one with more of it, and what is not of the one with more of that. */
function worseOn(ledger: Ledger, a: FoodState, b: FoodState, at: number): readonly Exposure[] {
  return [true, false].flatMap((certain) => {
    const [ofA, ofB] = [a, b].map(({ exposures }) =>
      exposures.filter((each) => each.ledger === ledger && each.certain === certain),
    ) as [Exposure[], Exposure[]];
    const [more, less] =
      bandTime(ofA, ledger, at).allMs >= bandTime(ofB, ledger, at).allMs ? [ofA, ofB] : [ofB, ofA];
    const running = less.find(({ to }) => to === null);
    // Less so far, and still counting: the whole counts on.
    return running && more.every(({ to }) => to !== null) ? [...more, { ...running, from: at }] : more;
  });
}

const WORST_FIRST: readonly MarkStatus[] = ['missed', 'unknown', 'running', 'assumed', 'met'];

function worseChill(a: Chill | null, b: Chill | null, at: number, rules: RuleSet): Chill | null {
  if (!a || !b) return a ?? b;
  const rank = (chill: Chill) =>
    Math.min(...marksAt(chill, at, rules).map(({ status }) => WORST_FIRST.indexOf(status)));
  return rank(b) < rank(a) || (rank(a) === rank(b) && b.startedAt < a.startedAt) ? b : a;
}
