import highs from 'highs';
import { LATE_PER_MINUTE, readProblem, solve } from '../core/src/schedule';
import { brokenBy } from '../core/src/testing/scheduleCheck';
import { chances } from '../core/src/chance';
import { inventedEvening } from './meals/evenings';
import { lateEnd } from './meals/lateEnd';
import { leftOut, programOf } from './meals/program';
import { median } from './phone';

const EVENINGS = Number(process.env.OMTEL_EVENINGS ?? 60);
/** How long the mixed-integer solver may take, s; what it has not proven by then is left out. */
const PATIENCE_S = 60;
/** Nothing is served later than this after the moment wanted. */
const LATEST_MIN = 120;

const timed = <Result>(work: () => Result): [result: Result, ms: number] => {
  const began = performance.now();
  const result = work();
  return [result, performance.now() - began];
};

const spread = (ms: readonly number[]): string =>
  ms.length
    ? `in ${median(ms).toFixed(0)} ms at the median, ${Math.max(...ms).toFixed(0)} at most (of ${ms.length})`
    : 'never';

/** Schedules of invented evenings, against a mixed-integer solver on the same model on a grid of five minutes. */
export async function meals(): Promise<string[]> {
  const apart: { readonly dearer: number; readonly waiting: number }[] = [];
  const [faster, firsts, lines] = [[] as number[], [] as number[], [] as string[]];
  const [replans, refusals] = [[] as number[], [] as number[]];
  let [missed, later, unproven, both] = [0, 0, 0, 0];
  for (let evening = 0; evening < EVENINGS; evening++) {
    const dishes = 2 + (evening % 11);
    const problem = readProblem(inventedEvening(dishes, chances(1000 + evening)));
    let first = NaN;
    const began = performance.now();
    const [answer, mine] = timed(() =>
      solve(problem, { onBetter: () => (first = Number.isNaN(first) ? performance.now() - began : first) }),
    );
    const program = programOf(problem, Math.min(problem.horizon, problem.serveAt + LATEST_MIN));
    // A solver that has once run out of room is of no more use, so each evening has its own.
    const solver = await highs();
    const [proven, theirs] = timed(() =>
      solver.solve(program, {
        time_limit: PATIENCE_S,
        output_flag: false,
        // Most of what it costs is the same whatever one does; a share of it says little.
        mip_rel_gap: 0,
        mip_abs_gap: 0.01,
      }),
    );
    const found = 'startAt' in answer ? answer : null;
    if (found && brokenBy(problem, found).length) throw new Error(`evening ${evening} breaks a constraint`);
    const changed = found && lateEnd(problem, found);
    if (found && changed) {
      const [anew, ms] = timed(() => solve(changed, { before: found }));
      ('startAt' in anew ? replans : refusals).push(ms);
    }
    const what = found
      ? `${found.cost.toFixed(2)}, late ${found.serveAt - problem.serveAt}`
      : Object.keys(answer)[0]!;
    const best = proven.Status === 'Optimal' ? proven.ObjectiveValue + leftOut(problem) : null;
    lines.push(
      `${evening}: ${dishes} dishes, ${what} in ${mine.toFixed(0)} ms (first ${first.toFixed(0)}); ${proven.Status} ${best?.toFixed(2) ?? ''} in ${theirs.toFixed(0)} ms`,
    );
    if (proven.Status === 'Infeasible') {
      both += found && found.serveAt <= problem.serveAt + LATEST_MIN ? NaN : 1;
      continue;
    }
    if (best === null) {
      unproven += 1;
      continue;
    }
    if (!found) {
      missed += 1;
      continue;
    }
    firsts.push(first);
    faster.push(theirs / mine);
    const late = 5 * Math.floor((best + 1e-6) / (5 * LATE_PER_MINUTE));
    if (found.serveAt - problem.serveAt > late) later += 1;
    else apart.push({ dearer: found.cost - best, waiting: best - late * LATE_PER_MINUTE });
  }
  const within = (share: number) =>
    `${apart.filter(({ dearer, waiting }) => dearer <= Math.max(1, share * waiting) + 1e-6).length} of ${apart.length}`;
  return [
    ...lines,
    `${both} without a schedule, said so; ${missed} missed, ${later} served later than they have to be, ${unproven} not proven`,
    `waiting within 2 % of the least: ${within(0.02)}; within 5 %: ${within(0.05)}`,
    `planned anew after a late end ${spread(replans)}; that it cannot be any more, with why, ${spread(refusals)}`,
    `${median(faster).toFixed(1)} × faster at the median; the first schedule after ${median(firsts).toFixed(0)} ms, ${Math.max(...firsts).toFixed(0)} at most`,
  ];
}
