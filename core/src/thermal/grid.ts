import { halfAxis, radialAxis, wallAxis, wholeAxis, type Axis, type AxisEnd, type Cut } from './axis';
import { sameThroughout, type Segment } from './environment';
import type { Face, Shape } from './shapes';

/** `fine` has twice the cells along every direction; it is there to tell how far `usual` is off. */
export type Resolution = 'usual' | 'fine';
/**
 * Cells from the middle to a face, across the shortest measure of a body with so many directions: a front that melts or
 * freezes its way through a body needs more of them than heat that only seeps.
 */
const CELLS = { front: { one: 20, two: 20, three: 8 }, seeping: { one: 20, two: 9, three: 5 } } as const;
const TIMES: Record<Resolution, number> = { usual: 1, fine: 2 };
/** A cell at a face, against an even one, across the shortest measure … */
const END_SHARE = 0.6;
/** … and, along a longer one, against the cell there: little varies along it but near its ends. */
const LONG_END = 1.5;
/** A longer measure takes this share of the cells, and so much more each time it is e times as long. */
const LONG_SHARE = 0.75;
const MORE_BY_LENGTH = 0.35;

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
 * @param front whether part of it melts or freezes on the way
 */
export function gridOf(
  shape: Shape,
  segments: readonly Segment[],
  resolution: Resolution,
  mixed: boolean,
  front: boolean,
): Grid {
  const { one, two, three } = CELLS[front ? 'front' : 'seeping'];
  const times = mixed ? 0 : TIMES[resolution];
  const cut = (lengthM: number, shortestM: number, cells: number): Cut => {
    if (mixed) return { cells: 1, endShare: 1 };
    const ratio = lengthM / shortestM;
    const share = ratio > 1 ? Math.min(1, LONG_SHARE + MORE_BY_LENGTH * Math.log(ratio)) : 1;
    const own = Math.ceil(cells * share);
    const end = END_SHARE * Math.min(1, (Math.max(1, Math.min(LONG_END, ratio)) * own) / (cells * ratio));
    return { cells: own * times, endShare: end };
  };
  const across = (lengthM: number, low: Face, high: Face, { cells, endShare }: Cut): Axis =>
    sameThroughout(segments, low, high)
      ? halfAxis(lengthM, { cells, endShare }, high, low)
      : wholeAxis(lengthM, { cells: mixed ? 1 : 2 * cells, endShare }, low, high);
  switch (shape.kind) {
    case 'slab':
      return product([across(shape.thicknessM, 'bottom', 'top', cut(1, 1, one))], 1);
    case 'cylinder':
      return product([radialAxis(shape.diameterM, cut(1, 1, one), 'cylinder')], 2 * Math.PI);
    case 'sphere':
      return product([radialAxis(shape.diameterM, cut(1, 1, one), 'sphere')], 4 * Math.PI);
    case 'shell': {
      const { cells, endShare } = cut(1, 1, one);
      return product(
        [wallAxis(shape.hollowM, shape.wallM, { cells: mixed ? 1 : 2 * cells, endShare })],
        4 * Math.PI,
      );
    }
    case 'finiteCylinder': {
      const { diameterM, heightM } = shape;
      const shortest = Math.min(diameterM, heightM);
      return product(
        [
          radialAxis(diameterM, cut(diameterM, shortest, two), 'cylinder'),
          across(heightM, 'bottom', 'top', cut(heightM, shortest, two)),
        ],
        2 * Math.PI,
      );
    }
    case 'brick': {
      const { lengthM, widthM, heightM } = shape;
      const shortest = Math.min(lengthM, widthM, heightM);
      const along = (m: number, low: Face, high: Face) => across(m, low, high, cut(m, shortest, three));
      return product(
        [along(lengthM, 'left', 'right'), along(widthM, 'front', 'back'), along(heightM, 'bottom', 'top')],
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
