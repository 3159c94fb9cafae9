import { chances } from '../chance';
import type { Chosen } from './choices';
import type { Effort } from './descent';
import { gridOf, type Grid } from './grid';
import { earliestOf, neverOf, window } from './moments';
import { scheduleOf, stoodAt, type Costed } from './onGrid';
import type { Placing } from './placing';
import { asChosen, type Problem, type Schedule } from './problem';
import { build } from './search';
import type { Search } from './timing';

/** What one moment is worth: somebody stands at the stove and waits. */
const AT_ONE = 500;

/**
 * A schedule after something changed: at the moment that stood if it can be, else as soon after it as is found, and with what can
 * stay standing where it did.
 *
 * @param ways the ways to choose, what was chosen before first: another is taken only where dinner is sooner for it
 * @param earlier how many tries it is worth to look for an earlier one than the first that does
 * @returns null where nothing was found from the schedule that stood
 */
export function replan(
  problem: Problem,
  before: Schedule,
  ways: readonly Chosen[],
  { earlier, ...search }: Pick<Search, 'seed' | 'goOn'> & { readonly earlier: number },
): { readonly schedule: Costed; readonly chosen: Chosen } | null {
  let best: { readonly schedule: Costed; readonly chosen: Chosen } | null = null;
  const budget = { left: earlier };
  for (const chosen of ways) {
    if (best && best.schedule.serveAt <= problem.serveAt) break;
    const from = new FromBefore(asChosen(problem, chosen), before, search);
    const schedule: Costed | null = best ? from.before(best.schedule.serveAt, budget) : from.soonest(budget);
    if (schedule) best = { schedule, chosen };
  }
  return best;
}

/** The search from a schedule that stood, with nothing left to choose. */
class FromBefore {
  private readonly grid: Grid;
  private readonly chance: () => number;
  /** Where each node stood, or -1. */
  private readonly stood: readonly number[];
  /** The serving moment that stood, no sooner than it is wanted. */
  private readonly served: number;
  /** No schedule is served before, or after, in steps. */
  private readonly earliest: number;
  private readonly last: number;

  constructor(
    private readonly problem: Problem,
    before: Schedule,
    private readonly search: Pick<Search, 'seed' | 'goOn'>,
  ) {
    this.grid = gridOf(problem);
    this.chance = chances(search.seed);
    const { step, serveAt } = this.grid;
    this.stood = stoodAt(problem, this.grid, before);
    this.served = Math.max(serveAt, Math.ceil(before.serveAt / step));
    [, this.last] = window(this.grid);
    this.earliest = this.grid.impossible.length
      ? this.last + 1
      : earliestOf(this.grid, neverOf(problem, search.seed), this.chance);
  }

  /** The soonest schedule that is found from what stood, and within the budget before that. */
  soonest(budget: Effort): Costed | null {
    const later = this.later(Math.max(this.earliest, this.served), this.last);
    return (
      this.before((later?.serveAt ?? this.last + 1) * this.grid.step, budget) ??
      (later && this.scheduled(later))
    );
  }

  /** A schedule that is served before a moment, in minutes, if one is found within the budget. */
  before(moment: number, budget: Effort): Costed | null {
    const end = Math.min(this.last + 1, Math.ceil(moment / this.grid.step));
    for (let at = this.earliest; at < end && budget.left > 0 && this.search.goOn(); at++) {
      // Taken back, what made it late lets all go back with the table.
      const found = this.at(at, this.movedTo(at), budget);
      if (found) return this.scheduled(found);
    }
    return null;
  }

  /** What stood, all of it or most later by ever longer steps, and then as little later as does. */
  private later(from: number, to: number): Placing | null {
    let [known, best]: [number, Placing | null] = [from - 1, null];
    for (let by = 0; !best && known < to && this.search.goOn(); by = Math.max(1, 2 * by)) {
      const moment = Math.min(to, from + by);
      // The later, the more it is worth to find that it does.
      best = this.at(moment, this.movedTo(moment), { left: AT_ONE * (1 + by) });
      if (!best) known = moment;
    }
    while (best && best.serveAt - known > 1 && this.search.goOn()) {
      const middle = Math.floor((known + best.serveAt) / 2);
      const found = this.at(middle, this.movedTo(middle), { left: AT_ONE });
      if (found) best = found;
      else known = middle;
    }
    return best;
  }

  /** One with as much as can be standing where it stood. */
  private scheduled(found: Placing): Costed {
    const kept = this.at(found.serveAt, this.stood, { left: AT_ONE });
    return scheduleOf(this.problem, this.grid, kept ?? found);
  }

  private at(serveAt: number, starts: readonly number[], budget: Effort): Placing | null {
    const built = build(this.grid, serveAt, this.chance, starts, budget);
    return typeof built === 'object' ? built.placing : null;
  }

  /** Where each task would stand if it went along with the table, as far as it may. */
  private movedTo(serveAt: number): readonly number[] {
    const { apart, nodes, origin } = this.grid;
    const by = serveAt - this.served;
    return this.stood.map((at, node) =>
      at < 0
        ? at
        : Math.min(Math.max(at + by, apart[origin * nodes + node]!), -apart[node * nodes + origin]!),
    );
  }
}
