import { coolingMs, type CoolingMark, type RuleSet } from '../guidance';
import { isAtLeast, isAtMost, toMetres } from '../units';
import { crossing } from './exposure';
import type { FoodState, TrailReading } from './state';

/** What readings said of one mark. */
interface MarkSeen {
  /** The last reading still above it. */
  readonly above: TrailReading | null;
  /** When it was reached, by a straight line between two readings close enough, else when it was read. */
  readonly reachedAt: number | null;
}

/** The cooling of a food since it left the heat. */
export interface Chill {
  /** The crossing of the first mark's upper temperature; until it is read, when the food left the heat. */
  readonly startedAt: number;
  readonly startFixed: boolean;
  readonly hot: TrailReading | null;
  readonly first: MarkSeen;
  readonly second: MarkSeen;
  /** Since when it has been in the cold no deeper than the rule; null while it is not. */
  readonly shallowSince: number | null;
  /** When it left the cold again: readings after that say nothing of the cooling. */
  readonly closedAt: number | null;
}

export type MarkStatus = 'met' | 'assumed' | 'running' | 'missed' | 'unknown';

const UNSEEN: MarkSeen = { above: null, reachedAt: null };

/** A cooling begins when food leaves the heat. */
export const beginChill = (at: number): Chill => ({
  startedAt: at,
  startFixed: false,
  hot: null,
  first: UNSEEN,
  second: UNSEEN,
  shallowSince: null,
  closedAt: null,
});

/** Takes a reading into a cooling that runs. */
export function chilled(chill: Chill, reading: TrailReading, { cooling }: RuleSet): Chill {
  if (chill.closedAt !== null) return chill;
  const { firstMark, secondMark } = cooling;
  const { from, withinMs } = firstMark.value;
  const started = startedBy(chill, reading, from, withinMs);
  return {
    ...started,
    first: seen(started.first, reading, firstMark.value),
    second: seen(started.second, reading, secondMark.value),
  };
}

function startedBy(chill: Chill, reading: TrailReading, from: CoolingMark['from'], withinMs: number): Chill {
  if (chill.startFixed) return chill;
  if (isAtLeast(reading.temperature, from)) return { ...chill, hot: reading, startedAt: reading.at };
  const startedAt = chill.hot ? crossing(chill.hot, reading, from, withinMs) : chill.startedAt;
  return { ...chill, startedAt, startFixed: true };
}

function seen(mark: MarkSeen, reading: TrailReading, { to, withinMs }: CoolingMark): MarkSeen {
  if (mark.reachedAt !== null) return mark;
  if (!isAtMost(reading.temperature, to)) return { ...mark, above: reading };
  const near = mark.above !== null && reading.at - mark.above.at <= withinMs;
  return { ...mark, reachedAt: near ? crossing(mark.above, reading, to, withinMs) : reading.at };
}

/** Food in the cold in a container no deeper than the rule is taken to cool in time unless a reading says otherwise. */
export function chillingIn(state: FoodState, at: number, depthM: number, { cooling }: RuleSet): FoodState {
  const { chill } = state;
  if (!chill || chill.closedAt !== null) return state;
  const shallow = depthM <= toMetres(cooling.depth.value.most);
  return { ...state, chill: { ...chill, shallowSince: shallow ? (chill.shallowSince ?? at) : null } };
}

/** How a mark of a cooling stands at a moment, and when it is due. */
export interface MarkStanding {
  readonly status: MarkStatus;
  readonly dueAt: number;
}

/** Both marks at a moment, by the readings there are (guidance §5, §11.2–4). */
export function marksAt(chill: Chill, now: number, rules: RuleSet): readonly [MarkStanding, MarkStanding] {
  const { firstMark } = rules.cooling;
  const firstDue = chill.startedAt + firstMark.value.withinMs;
  const secondDue = chill.startedAt + coolingMs(rules);
  const shallow = chill.shallowSince !== null && chill.shallowSince <= firstDue;
  const first = standing(chill.first, firstDue, now, shallow);
  const second = standing(chill.second, secondDue, now, shallow && first !== 'missed');
  return [
    { status: first, dueAt: firstDue },
    { status: second, dueAt: secondDue },
  ];
}

/** Whether a mark was passed without the food having been seen below it. */
export const isLost = ({ status }: MarkStanding): boolean => status === 'missed' || status === 'unknown';

function standing({ above, reachedAt }: MarkSeen, dueAt: number, now: number, assumed: boolean): MarkStatus {
  if (reachedAt !== null && reachedAt <= dueAt) return 'met';
  if (above && above.at > dueAt) return 'missed';
  if (reachedAt === null && now <= dueAt) return 'running';
  return assumed ? 'assumed' : 'unknown';
}

/**
 * Whether a cooling that lost its first mark can still be mended by heating it through and starting again: once, while the
 * second mark runs, where the school allows it.
 */
export function canRescue({ chill, rescues }: FoodState, now: number, rules: RuleSet): boolean {
  if (!chill || rescues > 0 || !rules.cooling.rescue.value.yes) return false;
  const [first, second] = marksAt(chill, now, rules);
  return isLost(first) && second.status !== 'missed' && now <= chill.startedAt + coolingMs(rules);
}
