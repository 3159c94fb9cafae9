import { halfAxis, radialAxis, wholeAxis, type Axis, type AxisEnd } from './axis';
import { sameThroughout, type Segment } from './environment';
import type { Face, Shape } from './shapes';

/** Cells along the finest direction of each kind of shape; a mixed liquid has one. */
export type Resolution = 'usual' | 'fine' | 'coarse';
const CELLS: Record<Resolution, { one: number; two: number; three: number }> = {
  coarse: { one: 20, two: 10, three: 4 },
  usual: { one: 40, two: 20, three: 8 },
  fine: { one: 80, two: 40, three: 16 },
};

/** A body cut into cells, as a product of axes. */
export interface Grid {
  readonly axes: readonly Axis[];
  readonly cells: number;
  /** Cells are counted along the first axis first; how far apart neighbours along each axis stand in memory. */
  readonly strides: readonly number[];
  /** Volume of each cell, m³ (per m² or per m where the shape is endless). */
  readonly volume: Float64Array;
  readonly ends: readonly GridEnd[];
}

/** All cells along one outer face. */
export interface GridEnd extends AxisEnd {
  readonly axis: number;
  readonly cells: Int32Array;
  /** Area of each cell's outer face, m², mirrored faces included. */
  readonly areaM2: Float64Array;
}

/**
 * Cuts a body into cells, halved wherever two faces meet the same surroundings throughout.
 *
 * @param mixed one cell, for liquids that mix themselves
 */
export function gridOf(
  shape: Shape,
  segments: readonly Segment[],
  resolution: Resolution,
  mixed: boolean,
): Grid {
  const { one, two, three } = CELLS[resolution];
  const across = (lengthM: number, low: Face, high: Face, cells: number): Axis =>
    sameThroughout(segments, low, high)
      ? halfAxis(lengthM, mixed ? 1 : Math.max(2, Math.ceil(cells / 2)), high, low)
      : wholeAxis(lengthM, mixed ? 1 : Math.max(3, cells), low, high);
  switch (shape.kind) {
    case 'slab':
      return product([across(shape.thicknessM, 'bottom', 'top', one)], 1);
    case 'cylinder':
      return product([radialAxis(shape.diameterM, mixed ? 1 : one / 2, 'cylinder')], 2 * Math.PI);
    case 'sphere':
      return product([radialAxis(shape.diameterM, mixed ? 1 : one / 2, 'sphere')], 4 * Math.PI);
    case 'finiteCylinder':
      return product(
        [
          radialAxis(shape.diameterM, mixed ? 1 : two, 'cylinder'),
          across(shape.heightM, 'bottom', 'top', two),
        ],
        2 * Math.PI,
      );
    case 'brick': {
      // Flat bodies need their cells across; along, heat hardly flows.
      const shortest = Math.min(shape.lengthM, shape.widthM, shape.heightM);
      const cells = (lengthM: number) =>
        Math.max(three, Math.round(2 * three * Math.min(1, (1.6 * shortest) / lengthM)));
      return product(
        [
          across(shape.lengthM, 'left', 'right', cells(shape.lengthM)),
          across(shape.widthM, 'front', 'back', cells(shape.widthM)),
          across(shape.heightM, 'bottom', 'top', cells(shape.heightM)),
        ],
        1,
      );
    }
  }
}

function product(axes: readonly Axis[], factor: number): Grid {
  const strides = axes.map((_, a) => axes.slice(0, a).reduce((n, axis) => n * axis.cells, 1));
  const cells = axes.reduce((n, axis) => n * axis.cells, 1);
  const indexOn = (cell: number, a: number) => Math.floor(cell / strides[a]!) % axes[a]!.cells;
  // A halved axis stands for both halves.
  const whole = axes.reduce((n, axis) => n * (axis.high.mirrored.length + 1), factor);
  const volume = Float64Array.from({ length: cells }, (_, cell) =>
    axes.reduce((v, axis, a) => v * axis.volume[indexOn(cell, a)]!, whole),
  );
  const ends = axes.flatMap((axis, a) =>
    [axis.low, axis.high].flatMap((end, which) => {
      if (!end) return [];
      const outer = which === 0 ? 0 : axis.cells - 1;
      const at = Int32Array.from([...Array(cells).keys()].filter((cell) => indexOn(cell, a) === outer));
      const areaM2 = Float64Array.from(at, (cell) => (volume[cell]! / axis.volume[outer]!) * end.area);
      return [{ ...end, axis: a, cells: at, areaM2 }];
    }),
  );
  return { axes, cells, strides, volume, ends };
}
