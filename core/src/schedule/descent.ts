import { FAR, type Grid } from './grid';
import type { Placing } from './placing';

/** How far a search may go; every start that is tried uses it up. */
export interface Effort {
  left: number;
}

export interface Limits {
  /** Only ways that make all that stands cost less than this. */
  readonly below?: number;
  /** Any way will do. */
  readonly first?: boolean;
  /** A start that a task must not have. */
  readonly otherThan?: readonly [node: number, start: number];
}

/** How a search ended: with the best, with something, with the proof that there is nothing, or too long. */
export type Outcome = 'best' | 'found' | 'none' | 'unknown';

/** Whether the tasks now stand. */
export const isPlaced = (outcome: Outcome): outcome is 'best' | 'found' =>
  outcome === 'best' || outcome === 'found';

/** Costs that differ by less are the same. */
export const EPSILON = 1e-9;

/** Places tasks beside all that stand, as cheaply as it can; they stay placed if it finds a way. */
export function complete(
  placing: Placing,
  nodes: readonly number[],
  effort: Effort,
  chance: () => number,
  limits: Limits = {},
): Outcome {
  const { outcome, found } = new Descent(placing, nodes, effort, chance, limits).run();
  found?.forEach((start, index) => placing.put(nodes[index]!, start));
  return outcome;
}

/**
 * Exact search for tasks beside those that stand: depth first, each next the task with the least room, its cheapest start first,
 * cut off where the links alone say that it cannot get better.
 */
class Descent {
  private readonly grid: Grid;
  /** What the links leave to the start of each node, given all that stands. */
  private readonly low: Int32Array;
  private readonly high: Int32Array;
  /** What the links between those that stand cost, whatever is tried. */
  private readonly standing: number;
  /** The other links, side by side: what a node costs is asked a million times. */
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly after: Int32Array;
  private readonly perStep: Float64Array;
  private readonly linksAt: readonly Int32Array[];
  private readonly open: number[];
  private readonly tie: Float64Array;
  private best: readonly number[] | null = null;
  private bestCost: number;
  private cut = false;

  /** @param chance decides between tasks that have as much room */
  constructor(
    private readonly placing: Placing,
    private readonly nodes: readonly number[],
    private readonly effort: Effort,
    chance: () => number,
    private readonly limits: Limits,
  ) {
    const { grid, standing } = placing;
    this.grid = grid;
    this.bestCost = limits.below ?? Infinity;
    this.open = [...nodes];
    this.low = new Int32Array(grid.nodes);
    this.high = new Int32Array(grid.nodes);
    this.tie = new Float64Array(grid.nodes);
    const inPlay = new Uint8Array(grid.nodes);
    for (const node of standing) inPlay[node] = 1;
    for (const node of nodes) {
      inPlay[node] = 1;
      this.tie[node] = chance() / 2;
    }
    const mine = new Set(nodes);
    const links = grid.links.filter(
      ({ from, to }) => inPlay[from] && inPlay[to] && (mine.has(from) || mine.has(to)),
    );
    this.standing = placing.waiting;
    this.from = Int32Array.from(links, ({ from }) => from);
    this.to = Int32Array.from(links, ({ to }) => to);
    this.after = Int32Array.from(links, ({ after }) => after);
    this.perStep = Float64Array.from(links, ({ perStep }) => perStep);
    const at: number[][] = Array.from({ length: grid.nodes }, () => []);
    links.forEach(({ from, to }, index) => {
      at[from]!.push(index);
      at[to]!.push(index);
    });
    this.linksAt = at.map((some) => Int32Array.from(some));
  }

  /** @returns how it ended, and the start of each task in the best way found */
  run(): { readonly outcome: Outcome; readonly found: readonly number[] | null } {
    if (!this.narrow()) return { outcome: 'none', found: null };
    this.descend();
    if (!this.best) return { outcome: this.cut ? 'unknown' : 'none', found: null };
    return { outcome: this.cut || this.limits.first ? 'found' : 'best', found: this.best };
  }

  /** Begins with what the links leave; whether they leave something to each. */
  private narrow(): boolean {
    const { low, high, placing, grid } = this;
    const { starts, standing } = placing;
    for (const node of standing) low[node] = high[node] = starts[node]!;
    const possible = this.nodes.every((node) => {
      let [from, to] = [-FAR, FAR];
      for (const other of standing) {
        from = Math.max(from, starts[other]! + grid.apart[other * grid.nodes + node]!);
        to = Math.min(to, starts[other]! - grid.apart[node * grid.nodes + other]!);
      }
      [low[node], high[node]] = [from, to];
      return from <= to;
    });
    return possible && this.tighten();
  }

  /** Takes from what the links leave what the cooks' absence takes, and what that takes again; whether something is left to each. */
  private tighten(): boolean {
    const { low, high, grid, open } = this;
    const { apart, nodes, tasks } = grid;
    for (let changed = true; changed;) {
      changed = false;
      for (const node of open) {
        const from = tasks[node]!.next[low[node]!]!;
        const to = tasks[node]!.previous[high[node]!]!;
        if (from > to) return false;
        if (from === low[node] && to === high[node]) continue;
        changed = true;
        [low[node], high[node]] = [from, to];
        for (const other of open) {
          low[other] = Math.max(low[other]!, from + apart[node * nodes + other]!);
          high[other] = Math.min(high[other]!, to - apart[other * nodes + node]!);
          if (low[other]! > high[other]!) return false;
        }
      }
    }
    return true;
  }

  private descend(): void {
    const least = this.least();
    if (least >= this.bestCost - EPSILON) return;
    if (this.open.length === 0) {
      this.bestCost = least;
      this.best = this.nodes.map((node) => this.placing.starts[node]!);
      return;
    }
    const { low, high, open, effort, placing } = this;
    const { otherThan } = this.limits;
    const pick = this.leastRoom();
    const node = open[pick]!;
    open.splice(pick, 1);
    const [lows, highs] = [low.slice(), high.slice()];
    const [from, to] = [low[node]!, high[node]!];
    const rest = least - this.leastOf(node);
    // Away from the cheapest both ways, the cheaper first: it falls to there, and then rises.
    let left = this.cheapest(node, from, to);
    let right = left + 1;
    let [leftCost, rightCost] = [this.costAt(node, left), right <= to ? this.costAt(node, right) : Infinity];
    while (left >= from || right <= to) {
      const later = rightCost <= leftCost;
      // All that follow cost as much or more.
      if (rest + (later ? rightCost : leftCost) >= this.bestCost - EPSILON) break;
      const start = later ? right++ : left--;
      if (later) rightCost = right <= to ? this.costAt(node, right) : Infinity;
      else leftCost = left >= from ? this.costAt(node, left) : Infinity;
      if (otherThan?.[0] === node && otherThan[1] === start) continue;
      if (!placing.occupancy.fits(node, start)) continue;
      if (effort.left <= 0) {
        this.cut = true;
        break;
      }
      effort.left -= 1;
      if (this.follow(node, start)) {
        placing.put(node, start);
        this.descend();
        placing.take(node);
      }
      low.set(lows);
      high.set(highs);
      if (this.best && this.limits.first) break;
    }
    open.splice(pick, 0, node);
  }

  /** What the links leave once a task starts then; whether they leave something to each. */
  private follow(node: number, start: number): boolean {
    const { low, high, grid } = this;
    const { apart, nodes } = grid;
    low[node] = high[node] = start;
    for (const other of this.open) {
      const earliest = start + apart[node * nodes + other]!;
      const latest = start - apart[other * nodes + node]!;
      if (earliest > low[other]!) low[other] = earliest;
      if (latest < high[other]!) high[other] = latest;
      if (low[other]! > high[other]!) return false;
    }
    return this.tighten();
  }

  private leastRoom(): number {
    let [pick, room] = [0, Infinity];
    for (let index = 0; index < this.open.length; index++) {
      const node = this.open[index]!;
      const mine = this.high[node]! - this.low[node]! + this.tie[node]!;
      if (mine < room) [pick, room] = [index, mine];
    }
    return pick;
  }

  /** What all links cost at the least, whatever is tried from here. */
  private least(): number {
    let sum = this.standing;
    for (let link = 0; link < this.perStep.length; link++) sum += this.leastAt(link);
    return sum;
  }

  private leastOf(node: number): number {
    let sum = 0;
    for (const link of this.linksAt[node]!) sum += this.leastAt(link);
    return sum;
  }

  private leastAt(link: number): number {
    const wait = this.low[this.to[link]!]! - this.high[this.from[link]!]! - this.after[link]!;
    return wait > 0 ? this.perStep[link]! * wait : 0;
  }

  /** What the links of a node cost at the least if it starts then. */
  private costAt(node: number, start: number): number {
    let sum = 0;
    for (const link of this.linksAt[node]!) {
      const wait =
        this.from[link] === node ? this.wholeOf(link, node) - start : start - this.wholeOf(link, node);
      if (wait > 0) sum += this.perStep[link]! * wait;
    }
    return sum;
  }

  /** The start of a node from which on, one way, a link of it costs something. */
  private wholeOf(link: number, node: number): number {
    return this.from[link] === node
      ? this.low[this.to[link]!]! - this.after[link]!
      : this.high[this.from[link]!]! + this.after[link]!;
  }

  /**
   * The start between two at which a node's links cost least, late rather than early among equals: what has to be done is done as near
   * to the table as it may.
   */
  private cheapest(node: number, from: number, to: number): number {
    let [best, least] = [to, this.costAt(node, to)];
    for (const link of this.linksAt[node]!) {
      const at = Math.min(to, Math.max(from, this.wholeOf(link, node)));
      const cost = this.costAt(node, at);
      if (cost < least || (cost === least && at > best)) [best, least] = [at, cost];
    }
    return best;
  }
}
