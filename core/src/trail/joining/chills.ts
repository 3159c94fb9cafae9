import { type Chill, type MarkStatus, marksAt } from '../../clocks';
import type { RuleSet } from '../../guidance';

const WORST_FIRST: readonly MarkStatus[] = ['missed', 'unknown', 'running', 'assumed', 'met'];

/** Of two coolings the one that stands worse, with the marks of both. */
export function worseChill(a: Chill | null, b: Chill | null, at: number, rules: RuleSet): Chill | null {
  if (!a || !b) return a ?? b;
  const rank = (chill: Chill) =>
    Math.min(...marksAt(chill, at, rules).map(({ status }) => WORST_FIRST.indexOf(status)));
  const same = a.fromRoom === b.fromRoom;
  const [one, other] = same ? [a, b] : withBothMarks(a, b, at, rules);
  const sooner =
    rank(other) < rank(one) || (same && rank(other) === rank(one) && other.startedAt < one.startedAt);
  // A hot reading of the whole says nothing of what was read below hot before.
  return { ...(sooner ? other : one), startFixed: a.startFixed || b.startFixed };
}

/** What was hot has one mark more, what came from the room less time in all: the whole has both. First the one for both. */
function withBothMarks(a: Chill, b: Chill, at: number, rules: RuleSet): readonly [Chill, Chill] {
  const [room, hot] = a.fromRoom ? [a, b] : [b, a];
  const lastDue = (chill: Chill) => marksAt(chill, at, rules)[1].dueAt;
  return [{ ...hot, startedAt: hot.startedAt + Math.min(0, lastDue(room) - lastDue(hot)) }, room];
}
