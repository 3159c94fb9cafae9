import type { Problem, Schedule } from '../../core/src/schedule';

/** Somebody looks so long before the table, and something takes so much longer than was thought, min. */
const [BEFORE_TABLE, LONGER] = [90, 40];
/** What takes less is no cook and no thaw, min. */
const SHORT = 20;

/**
 * An evening in the middle of which something at the heat or in the water needs longer: what has begun stays, the rest is still to
 * come. Null where nothing runs just then.
 */
export function lateEnd(problem: Problem, { serveAt, startAt }: Schedule): Problem | null {
  const now = serveAt - BEFORE_TABLE;
  const late = problem.tasks.find(({ id, minutes, place, hands }) => {
    const start = startAt[id]!;
    return start <= now && start + minutes > now && place !== undefined && hands.length && minutes > SHORT;
  });
  if (!late) return null;
  return {
    ...problem,
    tasks: problem.tasks.map((task) => {
      const at = startAt[task.id]!;
      if (at > now) return { ...task, notBefore: Math.max(task.notBefore ?? 0, now) };
      const minutes = task.minutes + (task === late ? LONGER : 0);
      return { ...task, minutes, notBefore: at, notAfter: at };
    }),
  };
}
