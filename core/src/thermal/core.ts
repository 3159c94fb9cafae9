import type { Axis } from './axis';
import type { Grid } from './grid';

/** A point of a body: a cell, and how far along each axis it is from that cell's centre, in cells. */
export interface CorePoint {
  readonly cell: number;
  readonly offsets: readonly number[];
}

/**
 * Finds the point that lags most, from each cell's lag added up over the first stay. It keeps its place through every
 * change of surroundings, as a probe left in the food would.
 */
export const findCore = (grid: Grid, lag: ArrayLike<number>): CorePoint => topOf(grid, lag, 1);

/**
 * Reads a point from the cells' temperatures: quadratic along each axis, level at a plane or line of symmetry. Across a
 * melting front no parabola fits: what it adds to its cell is never more than the cell is away from freezing, and a cell
 * that holds ice speaks for itself, so that the curve has no jump where the last ice melts.
 */
export function temperatureOf(
  grid: Grid,
  { cell, offsets }: CorePoint,
  temperature: ArrayLike<number>,
  freezingPointC: number,
): number {
  const here = temperature[cell]!;
  const thawed = here - freezingPointC;
  if (thawed <= 0) return here;
  let bend = 0;
  grid.axes.forEach((axis, a) => {
    const x = offsets[a]!;
    if (x === 0 || axis.cells < 2) return;
    const stride = grid.strides[a]!;
    if (axis.low === null) bend += (here - temperature[cell + stride]!) / 8;
    else {
      const [before, after] = [temperature[cell - stride]!, temperature[cell + stride]!];
      bend += (x * (after - before)) / 2 + (x * x * (before - 2 * here + after)) / 2;
    }
  });
  return here + Math.max(-thawed, Math.min(thawed, bend));
}

/** The coldest and the warmest point of a body, °C, wherever they are at the moment. */
export function extremes(
  grid: Grid,
  temperature: ArrayLike<number>,
  freezingPointC: number,
): { readonly coldestC: number; readonly warmestC: number } {
  const read = (sign: 1 | -1) =>
    temperatureOf(grid, topOf(grid, temperature, sign), temperature, freezingPointC);
  return { coldestC: read(-1), warmestC: read(1) };
}

/** Where values are greatest (`sign` 1) or least (−1). */
function topOf(grid: Grid, values: ArrayLike<number>, sign: 1 | -1): CorePoint {
  let cell = 0;
  for (let i = 1; i < grid.cells; i++) if (sign * values[i]! > sign * values[cell]!) cell = i;
  return { cell, offsets: grid.axes.map((axis, a) => offsetAlong(axis, grid.strides[a]!, cell, values)) };
}

function offsetAlong(axis: Axis, stride: number, cell: number, values: ArrayLike<number>): number {
  const i = Math.floor(cell / stride) % axis.cells;
  if (axis.low === null) return i === 0 ? -0.5 : 0;
  if (i === 0 || i === axis.cells - 1) return 0;
  // The top of the parabola through three neighbours.
  const [before, here, after] = [values[cell - stride]!, values[cell]!, values[cell + stride]!];
  const bend = before - 2 * here + after;
  return bend === 0 ? 0 : Math.min(0.5, Math.max(-0.5, (0.5 * (before - after)) / bend));
}
