import type { Grid } from './grid';

/** What is taken of places and hands by the tasks that stand, and whether one more can. */
export class Occupancy {
  private readonly used: readonly Int16Array[];
  private readonly busy: Int16Array;
  /** At each place the tasks that mind its heat. */
  private readonly heated: number[][];
  private readonly starts: Int32Array;

  constructor(private readonly grid: Grid) {
    this.used = grid.places.map(() => new Int16Array(grid.horizon + 1));
    this.busy = new Int16Array(grid.horizon + 1);
    this.heated = grid.places.map(() => []);
    this.starts = new Int32Array(grid.tasks.length);
  }

  /** Whether a task can start at a step, beside all that stand. */
  fits(node: number, start: number): boolean {
    const { steps, place, units, heat, hands, present } = this.grid.tasks[node]!;
    const { free, places, tasks } = this.grid;
    for (const { from, to, count } of hands)
      for (let at = start + from; at < start + to; at++) if (this.busy[at]! + count > free[at]!) return false;
    if (present) for (let at = start; at < start + steps; at++) if (free[at]! === 0) return false;
    if (place < 0) return true;
    const { capacity, change } = places[place]!;
    if (units > capacity && steps > 0) return false;
    if (units > 0) {
      const used = this.used[place]!;
      for (let at = start; at < start + steps; at++) if (used[at]! + units > capacity) return false;
    }
    if (!heat) return true;
    return this.heated[place]!.every((other) => {
      const { heat: theirs, steps: long } = tasks[other]!;
      if (theirs![0] <= heat[1] && heat[0] <= theirs![1]) return true;
      const begun = this.starts[other]!;
      return start >= begun + long + change || begun >= start + steps + change;
    });
  }

  put(node: number, start: number): void {
    this.starts[node] = start;
    this.change(node, start, 1);
    const { heat, place } = this.grid.tasks[node]!;
    if (heat && place >= 0) this.heated[place]!.push(node);
  }

  take(node: number): void {
    this.change(node, this.starts[node]!, -1);
    const { heat, place } = this.grid.tasks[node]!;
    if (heat && place >= 0) this.heated[place]!.splice(this.heated[place]!.lastIndexOf(node), 1);
  }

  private change(node: number, start: number, by: 1 | -1): void {
    const { steps, place, units, hands } = this.grid.tasks[node]!;
    for (const { from, to, count } of hands)
      for (let at = start + from; at < start + to; at++) this.busy[at]! += by * count;
    if (place >= 0 && units > 0)
      for (let at = start; at < start + steps; at++) this.used[place]![at]! += by * units;
  }
}
