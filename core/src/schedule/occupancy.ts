import type { Grid } from './grid';

/** What is taken of places and hands by the tasks that stand, and whether one more can. */
export class Occupancy {
  /** At each place the tasks that take room there, and those that mind its heat. */
  private readonly roomed: number[][];
  private readonly heated: number[][];
  private readonly busy: Int16Array;
  /** For each step the first one from it on at which nobody is there. */
  private readonly absentFrom: Int32Array;
  private readonly starts: Int32Array;

  constructor(private readonly grid: Grid) {
    this.roomed = grid.places.map(() => []);
    this.heated = grid.places.map(() => []);
    this.busy = new Int16Array(grid.horizon + 1);
    this.absentFrom = new Int32Array(grid.horizon + 1);
    for (let at = grid.horizon, absent = grid.horizon; at >= 0; at--) {
      if (grid.free[at]! === 0) absent = at;
      this.absentFrom[at] = absent;
    }
    this.starts = new Int32Array(grid.tasks.length);
  }

  /** Whether a task can start at a step, beside all that stand. */
  fits(node: number, start: number): boolean {
    const { steps, place, units, heat, hands, present } = this.grid.tasks[node]!;
    const { free, places, tasks } = this.grid;
    for (const { from, to, count } of hands)
      for (let at = start + from; at < start + to; at++) if (this.busy[at]! + count > free[at]!) return false;
    if (present && steps > 0 && this.absentFrom[start]! < start + steps) return false;
    if (place < 0) return true;
    const { capacity, change } = places[place]!;
    if (units > 0 && steps > 0 && this.mostAt(place, start, start + steps) + units > capacity) return false;
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
    const { heat, place, units, steps } = this.grid.tasks[node]!;
    if (place < 0) return;
    if (heat) this.heated[place]!.push(node);
    if (units > 0 && steps > 0) this.roomed[place]!.push(node);
  }

  take(node: number): void {
    this.change(node, this.starts[node]!, -1);
    const { place } = this.grid.tasks[node]!;
    if (place < 0) return;
    for (const there of [this.heated[place]!, this.roomed[place]!]) {
      const index = there.lastIndexOf(node);
      if (index >= 0) there.splice(index, 1);
    }
  }

  /** The most units that are taken at once between two steps: room is fullest as something comes in. */
  private mostAt(place: number, from: number, to: number): number {
    const there = this.roomed[place]!;
    let most = 0;
    for (const one of there) {
      const at = Math.max(from, this.starts[one]!);
      if (at >= to || at >= this.starts[one]! + this.grid.tasks[one]!.steps) continue;
      let taken = 0;
      for (const other of there) {
        const begun = this.starts[other]!;
        const { steps, units } = this.grid.tasks[other]!;
        if (begun <= at && at < begun + steps) taken += units;
      }
      if (taken > most) most = taken;
    }
    return most;
  }

  private change(node: number, start: number, by: 1 | -1): void {
    for (const { from, to, count } of this.grid.tasks[node]!.hands)
      for (let at = start + from; at < start + to; at++) this.busy[at]! += by * count;
  }
}
