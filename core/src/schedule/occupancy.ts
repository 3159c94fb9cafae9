import type { Grid, GridHold, GridTask } from './grid';

/** What takes room at a place, or minds its heat, for a while: a task, or what waits between two. */
interface Guest {
  readonly units: number;
  readonly heat: readonly [low: number, high: number] | null;
  from: number;
  to: number;
}

/** What is taken of places and hands by the tasks that stand, and whether one more can. */
export class Occupancy {
  /** At each place what takes room there, and what minds its heat. */
  private readonly roomed: Guest[][];
  private readonly heated: Guest[][];
  private readonly tasks: readonly Guest[];
  private readonly holds: readonly Guest[];
  /** Of each crew, how many are busy at each step. */
  private readonly busy: readonly Int16Array[];
  /** For each step the first one from it on at which nobody is there. */
  private readonly absentFrom: Int32Array;

  /** @param starts of the nodes that stand, else -1; not ours */
  constructor(
    private readonly grid: Grid,
    private readonly starts: Int32Array,
  ) {
    const guest = ({ units, heat }: GridTask | GridHold): Guest => ({ units, heat, from: 0, to: 0 });
    this.tasks = grid.tasks.map(guest);
    this.holds = grid.holds.map(guest);
    this.roomed = grid.places.map(() => []);
    this.heated = grid.places.map(() => []);
    this.busy = grid.crews.map(() => new Int16Array(grid.horizon + 1));
    this.absentFrom = new Int32Array(grid.horizon + 1);
    const { free } = grid.crews[0]!;
    for (let at = grid.horizon, absent = grid.horizon; at >= 0; at--) {
      if (free[at]! === 0) absent = at;
      this.absentFrom[at] = absent;
    }
  }

  /** Whether a task can start at a step, beside all that stand. */
  fits(node: number, start: number): boolean {
    const { steps, place, present } = this.grid.tasks[node]!;
    if (!this.handsFit(node, start)) return false;
    if (present && steps > 0 && this.absentFrom[start]! < start + steps) return false;
    const mine = this.tasks[node]!;
    [mine.from, mine.to] = [start, start + steps];
    if (!this.hasRoom(place, mine)) return false;
    const holds = this.grid.holdsAt[node]!;
    if (holds.length === 0) return true;
    // What waits takes its room beside the task itself.
    this.enter(place, mine);
    const entered = [];
    let fits = true;
    for (const hold of holds) {
      const waiting = this.waitingOf(hold, node, start);
      if (!waiting) continue;
      const at = this.grid.holds[hold]!.place;
      fits = this.hasRoom(at, waiting);
      if (!fits) break;
      this.enter(at, waiting);
      entered.push(hold);
    }
    for (const hold of entered) this.leave(this.grid.holds[hold]!.place, this.holds[hold]!);
    this.leave(place, mine);
    return fits;
  }

  /** The start of the task is known to others already. */
  put(node: number, start: number): void {
    const { place, steps } = this.grid.tasks[node]!;
    this.change(node, start, 1);
    const mine = this.tasks[node]!;
    [mine.from, mine.to] = [start, start + steps];
    this.enter(place, mine);
    for (const hold of this.grid.holdsAt[node]!) {
      const waiting = this.waitingOf(hold, node, start);
      if (waiting) this.enter(this.grid.holds[hold]!.place, waiting);
    }
  }

  take(node: number): void {
    this.change(node, this.starts[node]!, -1);
    this.leave(this.grid.tasks[node]!.place, this.tasks[node]!);
    for (const hold of this.grid.holdsAt[node]!) this.leave(this.grid.holds[hold]!.place, this.holds[hold]!);
  }

  /** What waits, if one of its ends starts at a step and the other stands; null where nothing does. */
  private waitingOf(hold: number, node: number, start: number): Guest | null {
    const { from, to, after } = this.grid.holds[hold]!;
    const [begin, end] = [from === node ? start : this.starts[from]!, to === node ? start : this.starts[to]!];
    const waiting = this.holds[hold]!;
    if (begin < 0 || end < 0 || begin + after >= end) return null;
    [waiting.from, waiting.to] = [begin + after, end];
    return waiting;
  }

  private handsFit(node: number, start: number): boolean {
    const { hands, crews } = this.grid.tasks[node]!;
    for (const crew of crews) {
      const [busy, { free }] = [this.busy[crew]!, this.grid.crews[crew]!];
      for (const { from, to, count } of hands)
        for (let at = start + from; at < start + to; at++) if (busy[at]! + count > free[at]!) return false;
    }
    return true;
  }

  private hasRoom(place: number, { units, heat, from, to }: Guest): boolean {
    if (place < 0) return true;
    const { capacity, change } = this.grid.places[place]!;
    if (units > 0 && from < to && this.mostAt(place, from, to) + units > capacity) return false;
    if (!heat) return true;
    return this.heated[place]!.every((other) => {
      if (other.heat![0] <= heat[1] && heat[0] <= other.heat![1]) return true;
      return from >= other.to + change || other.from >= to + change;
    });
  }

  private enter(place: number, guest: Guest): void {
    if (place < 0) return;
    if (guest.heat) this.heated[place]!.push(guest);
    if (guest.units > 0 && guest.from < guest.to) this.roomed[place]!.push(guest);
  }

  private leave(place: number, guest: Guest): void {
    if (place < 0) return;
    for (const there of [this.heated[place]!, this.roomed[place]!]) {
      const index = there.lastIndexOf(guest);
      if (index >= 0) there.splice(index, 1);
    }
  }

  /** The most units that are taken at once between two steps: room is fullest as something comes in. */
  private mostAt(place: number, from: number, to: number): number {
    const there = this.roomed[place]!;
    let most = 0;
    for (const one of there) {
      const at = Math.max(from, one.from);
      if (at >= to || at >= one.to) continue;
      let taken = 0;
      for (const other of there) if (other.from <= at && at < other.to) taken += other.units;
      if (taken > most) most = taken;
    }
    return most;
  }

  private change(node: number, start: number, by: 1 | -1): void {
    const { hands, crews } = this.grid.tasks[node]!;
    for (const crew of crews)
      for (const { from, to, count } of hands)
        for (let at = start + from; at < start + to; at++) this.busy[crew]![at]! += by * count;
  }
}
