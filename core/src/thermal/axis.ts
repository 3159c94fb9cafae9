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

/**
 * An axis across the whole of a body, with a face at either end.
 *
 * @param lengthM from face to face, m
 */
export function wholeAxis(lengthM: number, cells: number, low: Face, high: Face): Axis {
  const edges = gradedToBothEnds(lengthM, cells);
  return {
    ...between(edges, 'straight'),
    low: endOf(edges, 0, 'straight', low),
    high: endOf(edges, 1, 'straight', high),
  };
}

/** An axis from the middle of a body to a face that its twin mirrors. */
export function halfAxis(lengthM: number, cells: number, face: Face, twin: Face): Axis {
  const edges = gradedToTheEnd(lengthM / 2, cells);
  return {
    ...between(edges, 'straight'),
    low: null,
    high: { ...endOf(edges, 1, 'straight', face), mirrored: [twin] },
  };
}

/** An axis along the radius of a cylinder or sphere. */
export function radialAxis(diameterM: number, cells: number, curve: 'cylinder' | 'sphere'): Axis {
  const edges = gradedToTheEnd(diameterM / 2, cells);
  return { ...between(edges, curve), low: null, high: endOf(edges, 1, curve, 'side') };
}

/** Cells are thinner by this share at a face, where temperature bends most, and thicker in the middle. */
const GRADING = 0.4;

const edgesBy = (lengthM: number, cells: number, place: (share: number) => number): Float64Array =>
  Float64Array.from({ length: cells + 1 }, (_, i) => lengthM * place(i / cells));

const gradedToTheEnd = (lengthM: number, cells: number): Float64Array =>
  edgesBy(lengthM, cells, (s) => s + (GRADING * Math.sin(Math.PI * s)) / Math.PI);

const gradedToBothEnds = (lengthM: number, cells: number): Float64Array =>
  edgesBy(lengthM, cells, (s) => s - (GRADING * Math.sin(2 * Math.PI * s)) / (2 * Math.PI));

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
