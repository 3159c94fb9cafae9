import { coolingMs, type CoolingMark, type RuleSet } from '../guidance';
import { isAtLeast, isAtMost } from '../units';
import { crossing, reachedAt, type Exposure } from './exposure';
import type { TrailReading } from './reading';

/** What readings said of one mark. */
interface MarkSeen {
  /** The last reading still above it. */
  readonly above: TrailReading | null;
  /** When it was reached, by a straight line between two readings close enough, else when it was read. */
  readonly reachedAt: number | null;
  /** It is the line that says so. */
  readonly byLine: boolean;
  /** The first reading above it that was too late. */
  readonly lateAt: number | null;
}

/** The cooling of a food since it left the heat, or was made from ingredients at room temperature. */
export interface Chill {
  readonly fromRoom: boolean;
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

const UNSEEN: MarkSeen = { above: null, reachedAt: null, byLine: false, lateAt: null };

/** A cooling begins when food leaves the heat. */
export const beginChill = (at: number): Chill => ({
  fromRoom: false,
  startedAt: at,
  startFixed: false,
  hot: null,
  first: UNSEEN,
  second: UNSEEN,
  shallowSince: null,
  closedAt: null,
});

/** The same of food made from ingredients at room temperature, which has one mark. */
export const beginFromRoom = (at: number): Chill => ({ ...beginChill(at), fromRoom: true, startFixed: true });

/** The marks of a cooling, and how long each is given from its start, ms. */
export function marksOf({ fromRoom }: Pick<Chill, 'fromRoom'>, rules: RuleSet) {
  const { firstMark, secondMark, fromRoom: room } = rules.cooling;
  return {
    first: { rule: firstMark, withinMs: firstMark.value.withinMs },
    second: fromRoom
      ? { rule: room, withinMs: room.value.withinMs }
      : { rule: secondMark, withinMs: coolingMs(rules) },
  };
}

/** Takes a reading into a cooling that runs. */
export function chilled(chill: Chill, reading: TrailReading, rules: RuleSet): Chill {
  if (chill.closedAt !== null) return chill;
  const { first, second } = marksOf(chill, rules);
  const { from, withinMs } = first.rule.value;
  const started = startedBy(chill, reading, from, withinMs);
  const due = (ms: number) => started.startedAt + ms;
  return {
    ...started,
    first: seen(started.first, reading, first.rule.value, due(first.withinMs)),
    second: seen(started.second, reading, second.rule.value, due(second.withinMs)),
  };
}

function startedBy(chill: Chill, reading: TrailReading, from: CoolingMark['from'], withinMs: number): Chill {
  if (chill.startFixed) return chill;
  if (isAtLeast(reading.temperature, from)) return { ...chill, hot: reading, startedAt: reading.at };
  const startedAt = chill.hot ? crossing(chill.hot, reading, from, withinMs) : chill.startedAt;
  return { ...chill, startedAt, startFixed: true };
}

function seen(mark: MarkSeen, reading: TrailReading, { to, withinMs }: CoolingMark, dueAt: number): MarkSeen {
  if (mark.reachedAt !== null) return mark;
  if (!isAtMost(reading.temperature, to)) {
    const lateAt = mark.lateAt ?? (reading.at > dueAt ? reading.at : null);
    return { ...mark, above: reading, lateAt };
  }
  const near = mark.above !== null && reading.at - mark.above.at <= withinMs;
  return {
    ...mark,
    byLine: near,
    reachedAt: near ? crossing(mark.above, reading, to, withinMs) : reading.at,
  };
}

/** How a mark of a cooling stands at a moment, and when it is due. */
export interface MarkStanding {
  readonly status: MarkStatus;
  readonly dueAt: number;
}

/** Both marks at a moment, by the readings there are (guidance §5, §11.2–4). */
export function marksAt(chill: Chill, now: number, rules: RuleSet): readonly [MarkStanding, MarkStanding] {
  const marks = marksOf(chill, rules);
  const firstMs = marks.first.withinMs;
  const firstDue = chill.startedAt + firstMs;
  const secondDue = chill.startedAt + marks.second.withinMs;
  const shallow = chill.shallowSince !== null && chill.shallowSince <= firstDue;
  const first = chill.fromRoom ? 'met' : standing(chill.first, firstDue, now, shallow, firstMs);
  const second = standing(chill.second, secondDue, now, shallow && first !== 'missed', firstMs);
  return [
    { status: first, dueAt: firstDue },
    { status: second, dueAt: secondDue },
  ];
}

/** Whether a mark was passed without the food having been seen below it. */
export const isLost = ({ status }: MarkStanding): boolean => status === 'missed' || status === 'unknown';

/**
 * @param provesMs how long after a mark a reading above it still says that it was not reached: much later it says nothing
 *   of that, since the food may have got warm again
 */
function standing(
  { reachedAt, byLine, lateAt }: MarkSeen,
  dueAt: number,
  now: number,
  assumed: boolean,
  provesMs: number,
): MarkStatus {
  if (reachedAt !== null && reachedAt <= dueAt) return 'met';
  if (lateAt !== null && lateAt - dueAt <= provesMs) return 'missed';
  if (reachedAt !== null && byLine) return 'missed';
  if (reachedAt === null && now <= dueAt) return 'running';
  return assumed ? 'assumed' : 'unknown';
}

/** What was cooled, for how long it was out, and how often that was mended. */
interface Cooled {
  readonly chill: Chill | null;
  readonly exposures: readonly Exposure[];
  readonly rescues: number;
}

/**
 * Whether a cooling that lost its first mark can still be mended by heating it through and starting again: once, while the
 * second mark runs, where the school allows it.
 */
export function canRescue(food: Cooled, now: number, rules: RuleSet): boolean {
  const { chill, rescues } = food;
  if (!chill || chill.fromRoom || rescues > 0 || !rules.cooling.rescue.value.yes) return false;
  const [first, second] = marksAt(chill, now, rules);
  return isLost(first) && second.status !== 'missed' && now <= rescueEndsAt(food, rules);
}

/** Until when the reheat that mends a cooling has to be read: while its second mark runs, and before time out is over. */
export function rescueEndsAt(
  { chill, exposures }: Pick<Cooled, 'chill' | 'exposures'>,
  rules: RuleSet,
): number {
  const marksEndAt = chill!.startedAt + coolingMs(rules);
  const certain = exposures.filter((each) => each.certain);
  return Math.min(marksEndAt, reachedAt(certain, 'cooked', rules.bandTime.limit.value.ms) ?? Infinity);
}
