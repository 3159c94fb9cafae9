import type { Grid } from './grid';

/** Where the core lies: a cell, and how far along each axis its true point is from that cell's centre, in cells. */
export interface CorePoint {
  readonly cell: number;
  readonly offsets: readonly number[];
}

/**
 * Finds the point that lags most, from each cell's lag added up over the first stay. It keeps its place through every
 * change of surroundings, as a probe left in the food would.
 */
export function findCore(grid: Grid, lag: Float64Array): CorePoint {
  let cell = 0;
  for (let i = 1; i < grid.cells; i++) if (lag[i]! > lag[cell]!) cell = i;
  const offsets = grid.axes.map((axis, a) => {
    const i = Math.floor(cell / grid.strides[a]!) % axis.cells;
    if (axis.low === null) return i === 0 ? -0.5 : 0;
    if (i === 0 || i === axis.cells - 1) return 0;
    // The top of the parabola through three neighbours.
    const [before, here, after] = [-1, 0, 1].map((d) => lag[cell + d * grid.strides[a]!]!) as [
      number,
      number,
      number,
    ];
    const bend = before - 2 * here + after;
    return bend === 0 ? 0 : Math.min(0.5, Math.max(-0.5, (0.5 * (before - after)) / bend));
  });
  return { cell, offsets };
}

/**
 * Reads the core from the cells' temperatures: quadratic along each axis, level at a plane or line of symmetry. While its
 * own cell holds ice the cell speaks for itself: across a melting front no parabola fits.
 */
export function coreTemperature(
  grid: Grid,
  { cell, offsets }: CorePoint,
  temperature: ArrayLike<number>,
  freezingPointC: number,
): number {
  const here = temperature[cell]!;
  if (here < freezingPointC) return here;
  return grid.axes.reduce((t, axis, a) => {
    const stride = grid.strides[a]!;
    const x = offsets[a]!;
    if (x === 0 || axis.cells < 2) return t;
    if (axis.low === null) return t + (here - temperature[cell + stride]!) / 8;
    const [before, after] = [temperature[cell - stride]!, temperature[cell + stride]!];
    return t + (x * (after - before)) / 2 + (x * x * (before - 2 * here + after)) / 2;
  }, here);
}
