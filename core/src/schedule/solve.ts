import { allOf, choicesOf, nextTo, waysToChoose, type Choice, type Chosen } from './choices';
import { conflictOf, type Conflict } from './conflict';
import { asChosen, costOf, type Problem, type Schedule } from './problem';
import type { Costed } from './onGrid';
import { replan } from './replan';
import { isFeasible, timing, type Search } from './timing';
import { asWished } from './wishes';

/** What came of it: a schedule, or why there is none; or neither, where that could not be told. */
export type Solved = Costed | { readonly infeasible: Conflict } | { readonly undecided: true };

export interface Options {
  /** The same seed comes to the same answer. */
  readonly seed?: number;
  /** Where things stood before something changed: what can stay there does, nothing is moved to be cheaper, and the answer comes at once. */
  readonly before?: Schedule;
  /** How many times each dish, with some others, is put in anew, once there is a schedule; more is slower and no worse. */
  readonly rounds?: number;
  /** After something changed: how many tries it is worth to look for an earlier schedule than the first that does. */
  readonly earlier?: number;
  /** Told of every schedule that is better than all before. */
  onBetter?(schedule: Schedule, cost: number): void;
  /** Asked again and again; once it says no, the best so far is the answer. */
  goOn?(): boolean;
}

const ROUNDS = 6;
/** Somebody stands at the stove and waits. */
const EARLIER = 600;
/** So many ways to choose are gone through one by one; of more, only what is near to the best. */
const FEW_WAYS = 16;
/** Among so many it is proven, one by one, that none will do. */
const MOST_WAYS = 64;

/**
 * Finds a schedule that costs as little as can be found: on time first, then little waiting.
 *
 * @param problem as read by `readProblem`
 * @returns a schedule that keeps every constraint; or an irreducible conflict and the nearest change that helps; or that neither was
 *   found in the time
 */
export function solve(problem: Problem, options: Options = {}): Solved {
  const { seed = 1, rounds = ROUNDS, earlier = EARLIER, before, onBetter, goOn = () => true } = options;
  let best: Costed | null = null;
  const found = (schedule: Costed, chosen: Chosen): void => {
    const whole = withChosen(problem, schedule, chosen);
    if (best && whole.cost >= best.cost) return;
    best = whole;
    onBetter?.(best, best.cost);
  };
  const choices = choicesOf(problem);
  const first = chosenStill(problem, before);
  if (before) {
    const near = waysToChoose(choices) <= FEW_WAYS ? allOf(choices) : nextTo(first, choices);
    const others = near.filter((chosen) => keyOf(chosen) !== keyOf(first));
    const again = replan(problem, before, [first, ...others], { seed, goOn, earlier });
    if (again) found(again.schedule, again.chosen);
  }
  if (best) return best;
  const attempt = (chosen: Chosen) => {
    const onBetter = (schedule: Costed) => found(schedule, chosen);
    return timing(asChosen(problem, chosen), { seed, rounds, onBetter, goOn });
  };
  const outcome = choosing(choices, attempt, () => best, first);
  if (outcome === 'none')
    return { infeasible: conflictOf(problem, (part) => isFeasibleAnyWay(part, { seed, goOn })) };
  return best ? asWished(problem, best, { seed, goOn }) : { undecided: true };
}

type Attempt = (chosen: Chosen) => Costed | 'none' | 'unknown';

/** Tries ways to choose until none that is near to the best is better; `none` where it is proven that none will do. */
function choosing(
  choices: readonly Choice[],
  attempt: Attempt,
  best: () => Costed | null,
  first: Chosen,
): 'none' | 'tried' {
  const ways = waysToChoose(choices);
  const tried = new Set<string>();
  let proven = ways <= MOST_WAYS;
  const tries = (chosen: Chosen): boolean => {
    const key = keyOf(chosen);
    if (tried.has(key)) return false;
    tried.add(key);
    const before = best()?.cost ?? Infinity;
    if (attempt(chosen) !== 'none') proven = false;
    return (best()?.cost ?? Infinity) < before;
  };
  tries(first);
  if (ways <= FEW_WAYS) for (const chosen of allOf(choices)) tries(chosen);
  else {
    while (nextTo(best()?.chosen ?? first, choices).some(tries));
    // Where nothing was found near by, it may be anywhere.
    if (!best() && ways <= MOST_WAYS) allOf(choices).some(tries);
  }
  return proven ? 'none' : 'tried';
}

const keyOf = (chosen: Chosen): string =>
  JSON.stringify(Object.entries(chosen).sort(([a], [b]) => (a < b ? -1 : 1)));

function isFeasibleAnyWay(problem: Problem, search: Pick<Search, 'seed' | 'goOn'>): boolean | null {
  const choices = choicesOf(problem);
  if (waysToChoose(choices) > MOST_WAYS) return null;
  let told: boolean | null = false;
  for (const chosen of allOf(choices)) {
    const feasible = isFeasible(asChosen(problem, chosen), search);
    if (feasible) return true;
    if (feasible === null) told = null;
  }
  return told;
}

/** What was chosen before, as far as it is still there to be chosen. */
function chosenStill({ tasks }: Problem, before: Schedule | undefined): Chosen {
  const options = new Map(tasks.map((task) => [task.id, task.options.length]));
  const chosen = Object.entries(before?.chosen ?? {});
  return Object.fromEntries(chosen.filter(([id, index]) => index < (options.get(id) ?? 0)));
}

/** A schedule of what was chosen, as one of the whole problem. */
function withChosen(problem: Problem, { serveAt, startAt }: Schedule, chosen: Chosen): Costed {
  const schedule = { serveAt, startAt, ...(Object.keys(chosen).length > 0 && { chosen }) };
  return { ...schedule, cost: costOf(problem, schedule) };
}
