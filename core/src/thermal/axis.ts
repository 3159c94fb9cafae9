import type { Face } from './shapes';

/** How an axis runs: straight, or along the radius of a cylinder or sphere. */
type Curve = 'straight' | 'cylinder' | 'sphere';

/**
 * One direction of a grid of cells. All grids here are products of such axes: a cell's volume is the product of its
 * axes' volumes, so that what flows along one axis needs only that axis's numbers.
 */
export interface Axis {
  readonly cells: number;
  /** Volume factor of each cell. */
  readonly volume: Float64Array;
  /** Area over distance between the centres of cell i and i + 1. */
  readonly conductance: Float64Array;
  /** Where cell centres stand, m, from the middle of a symmetric or round axis, else from the low end. */
  readonly centre: Float64Array;
  /** The outer faces; null at a plane or line of symmetry. */
  readonly low: AxisEnd | null;
  readonly high: AxisEnd;
}

export interface AxisEnd {
  readonly face: Face;
  /** Faces that mirror this one. */
  readonly mirrored: readonly Face[];
  /** Area factor of the outer face. */
  readonly area: number;
  /** From the outermost cell's centre to the face, m. */
  readonly halfM: number;
}

/** How an axis is cut: into so many cells, the one at a face so many times as thick as if all were alike. */
export interface Cut {
  readonly cells: number;
  /** Above 0, at most 1; below it cells grow from the face inwards, where temperature bends less. */
  readonly endShare: number;
}

/**
 * An axis across the whole of a body, with a face at either end.
 *
 * @param lengthM from face to face, m
 */
export function wholeAxis(lengthM: number, { cells, endShare }: Cut, low: Face, high: Face): Axis {
  const half = lengthM / 2;
  const place = growingInwards(endShare);
  const edges = Float64Array.from({ length: cells + 1 }, (_, i) => half * (1 + place((2 * i) / cells - 1)));
  return {
    ...between(edges, 'straight'),
    low: endOf(edges, 0, 'straight', low),
    high: endOf(edges, 1, 'straight', high),
  };
}

/** An axis through the wall of a hollow ball, from its inside out. */
export function wallAxis(hollowM: number, wallM: number, { cells, endShare }: Cut): Axis {
  const place = growingInwards(endShare);
  const edges = Float64Array.from(
    { length: cells + 1 },
    (_, i) => hollowM + (wallM / 2) * (1 + place((2 * i) / cells - 1)),
  );
  return {
    ...between(edges, 'sphere'),
    low: endOf(edges, 0, 'sphere', 'inside'),
    high: endOf(edges, 1, 'sphere', 'side'),
  };
}

/** An axis from the middle of a body to a face that its twin mirrors; `cut` is of this half. */
export function halfAxis(lengthM: number, cut: Cut, face: Face, twin: Face): Axis {
  const edges = fromTheMiddle(lengthM / 2, cut);
  return {
    ...between(edges, 'straight'),
    low: null,
    high: { ...endOf(edges, 1, 'straight', face), mirrored: [twin] },
  };
}

/** An axis along the radius of a cylinder or sphere. */
export function radialAxis(diameterM: number, cut: Cut, curve: 'cylinder' | 'sphere'): Axis {
  const edges = fromTheMiddle(diameterM / 2, cut);
  return { ...between(edges, curve), low: null, high: endOf(edges, 1, curve, 'side') };
}

const fromTheMiddle = (lengthM: number, { cells, endShare }: Cut): Float64Array => {
  const place = growingInwards(endShare);
  return Float64Array.from({ length: cells + 1 }, (_, i) => lengthM * place(i / cells));
};

const STRETCH_ROUNDS = 30;

/** Where edges stand, −1 to 1 from face to face: tanh(b s)/tanh(b), its slope at the faces the share asked for. */
function growingInwards(endShare: number): (s: number) => number {
  if (endShare >= 1) return (s) => s;
  // The slope there is 2b / sinh 2b; by Newton for its logarithm, which is nearly straight.
  let twice = Math.max(1, -2 * Math.log(endShare / 2));
  for (let round = 0; round < STRETCH_ROUNDS; round++) {
    const slope = twice / Math.sinh(twice);
    twice -= Math.log(slope / endShare) / (1 / twice - 1 / Math.tanh(twice));
  }
  const b = twice / 2;
  return (s) => Math.tanh(b * s) / Math.tanh(b);
}

/** Area factor at a distance from the axis's origin: per m² when straight, per radian or steradian when round. */
const areaAt = (curve: Curve, r: number): number =>
  curve === 'straight' ? 1 : curve === 'cylinder' ? r : r * r;

function between(edges: Float64Array, curve: Curve): Omit<Axis, 'low' | 'high'> {
  const cells = edges.length - 1;
  const centre = Float64Array.from({ length: cells }, (_, i) => (edges[i]! + edges[i + 1]!) / 2);
  const power = curve === 'straight' ? 1 : curve === 'cylinder' ? 2 : 3;
  const volume = Float64Array.from(
    { length: cells },
    (_, i) => (edges[i + 1]! ** power - edges[i]! ** power) / power,
  );
  const conductance = Float64Array.from(
    { length: cells - 1 },
    (_, i) => areaAt(curve, edges[i + 1]!) / (centre[i + 1]! - centre[i]!),
  );
  return { cells, volume, conductance, centre };
}

function endOf(edges: Float64Array, end: 0 | 1, curve: Curve, face: Face): AxisEnd {
  const last = edges.length - 1;
  const [edge, inner] = end === 0 ? [edges[0]!, edges[1]!] : [edges[last]!, edges[last - 1]!];
  return { face, mirrored: [], area: areaAt(curve, edge), halfM: Math.abs(edge - inner) / 2 };
}
