import type { Grid } from './grid';
import { Occupancy } from './occupancy';

/** The tasks that stand, at one serving moment. */
export class Placing {
  /** The start of each node, or -1. */
  readonly starts: Int32Array;
  readonly standing: number[];
  readonly occupancy: Occupancy;

  constructor(
    readonly grid: Grid,
    readonly serveAt: number,
  ) {
    this.starts = new Int32Array(grid.nodes).fill(-1);
    this.occupancy = new Occupancy(grid, this.starts);
    this.starts[grid.origin] = 0;
    this.starts[grid.serve] = serveAt;
    this.standing = [grid.origin, grid.serve];
  }

  /** What waiting costs among all that stands. */
  get waiting(): number {
    let sum = 0;
    for (const { from, to, after, perStep } of this.grid.links)
      if (this.starts[from]! >= 0 && this.starts[to]! >= 0)
        sum += perStep * (this.starts[to]! - this.starts[from]! - after);
    return sum;
  }

  put(node: number, start: number): void {
    this.starts[node] = start;
    this.standing.push(node);
    this.occupancy.put(node, start);
  }

  take(node: number): void {
    this.occupancy.take(node);
    this.starts[node] = -1;
    this.standing.splice(this.standing.lastIndexOf(node), 1);
  }

  /** Takes tasks away, and tells where they stood. */
  remove(nodes: readonly number[]): readonly (readonly [node: number, start: number])[] {
    return nodes.map((node) => {
      const start = this.starts[node]!;
      this.take(node);
      return [node, start] as const;
    });
  }
}
