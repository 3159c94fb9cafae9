import type { FormId } from '../foods';
import { mustBePositive, type Shape } from '../thermal';

/**
 * The usual proportions of a form: from the volume of a food to the body the solver sees, and from a measured thickest
 * part where the cook gave one. Real joints are not spheres: a sphere of the same weight is the slowest shape there is.
 */
interface Proportions {
  /** What is to be measured, in words. */
  readonly thickest: string;
  /** The thickest part of a food of this volume, m. */
  readonly usualM: (volumeM3: number) => number;
  readonly shape: (volumeM3: number, thickestM: number) => Shape;
}

/**
 * Effective dimensions, calibrated, and only so, on the roasting charts; the oven's coefficient needs no
 * correction. See docs/models.md for what is left over.
 */
const CALIBRATED = {
  /** Flesh of a bird as a wall about its hollow: thickness over the cube root of its volume. */
  birdWall: 0.485,
  /** Joints, against the diameter that their proportions and volume alone would give. */
  joint: 1.05,
  /** Parts of birds, m thick. */
  partsM: 0.028,
} as const;

/**
 * A rod so many times as long as thick. Its length holds the food's volume; where the thickness says more than the weight
 * can fill, the thickness is believed: it decides how long heat takes. From far away its ends say nothing to its middle.
 */
const rod = (ratio: number, factor = 1): Pick<Proportions, 'usualM' | 'shape'> => ({
  usualM: (v) => factor * Math.cbrt((4 * v) / (Math.PI * ratio)),
  // An effective diameter is not the one that holds the volume.
  shape: (v, d) => ({
    kind: 'finiteCylinder',
    diameterM: d,
    heightM: Math.min(
      LONGEST_ROD * d,
      Math.max(Math.min(1, ratio) * d, (factor ** 3 * 4 * v) / (Math.PI * d * d)),
    ),
  }),
});

const LONGEST_ROD = 20;

/** A block with sides in a proportion to each other, none shorter than it is thick. */
const block = (
  long: number,
  wide: number,
  usualM: (volumeM3: number) => number,
): Pick<Proportions, 'usualM' | 'shape'> => ({
  usualM,
  shape: (v, heightM) => {
    const side = Math.sqrt(v / heightM / (long * wide));
    return {
      kind: 'brick',
      lengthM: Math.max(heightM, long * side),
      widthM: Math.max(heightM, wide * side),
      heightM,
    };
  },
});

/** A bird, so many times what is weighed: its flesh as the wall of a hollow ball. A wall too thick for it leaves no hollow. */
const hollow = (times: number): Pick<Proportions, 'usualM' | 'shape'> => ({
  usualM: (v) => CALIBRATED.birdWall * Math.cbrt(times * v),
  shape: (v, wallM) => {
    const middle = Math.sqrt(Math.max(0, (times * v) / (4 * Math.PI * wallM) - (wallM * wallM) / 12));
    return { kind: 'shell', hollowM: Math.max(LEAST_HOLLOW * wallM, middle - wallM / 2), wallM };
  },
});
const LEAST_HOLLOW = 0.05;

const PROPORTIONS: Record<FormId, Proportions> = {
  wholeBird: { thickest: 'breast, from skin to bone', ...hollow(1) },
  halfBird: { thickest: 'breast, from skin to bone', ...hollow(2) },
  boneInJoint: { thickest: 'thickest part', ...rod(2, CALIBRATED.joint) },
  bonelessJoint: { thickest: 'thickest part', ...rod(3, CALIBRATED.joint) },
  steak: { thickest: 'thickest piece', ...block(1.5, 1, () => 0.03) },
  pieces: { thickest: 'thickest piece', ...block(1.5, 1, () => CALIBRATED.partsM) },
  fillet: { thickest: 'thickest part', ...block(2, 1, (v) => 0.035 * Math.cbrt(v / 1e-3)) },
  wholeFish: { thickest: 'thickest part', ...rod(4) },
  ground: { thickest: 'thickness of the pack', ...block(1.25, 1, (v) => Math.cbrt(v / 20)) },
  flatPack: { thickest: 'thickness of the pack', ...block(1.25, 1, (v) => Math.cbrt(v / 20)) },
  dish: { thickest: 'depth', ...block(1.5, 1, () => 0.05) },
  liquid: { thickest: 'width', ...rod(0.75) },
  can: { thickest: 'width', ...rod(1.4) },
};

/** What the cook is to measure for a form. */
export const thickestPart = (form: FormId): string => PROPORTIONS[form].thickest;

/**
 * The body of a food by its form.
 *
 * @param volumeM3 volume, m³
 * @param thickestM the thickest part as measured, m; the form's usual proportions where nobody measured
 * @throws SizeProblem
 */
export function bodyOf(form: FormId, volumeM3: number, thickestM?: number): Shape {
  mustBePositive('volume', volumeM3);
  const { usualM, shape } = PROPORTIONS[form];
  return shape(volumeM3, thickestM === undefined ? usualM(volumeM3) : mustBePositive('thickness', thickestM));
}

/** A bird is longer than the ball it is computed as, by so much; as remembered, nobody measured. */
const BIRD_LONGER = 1.4;

/** How long about a food of this form and volume is at its longest, m: whether it goes into a tin or an oven. */
export function longestM(form: FormId, volumeM3: number): number {
  const shape = bodyOf(form, volumeM3);
  switch (shape.kind) {
    case 'shell':
      return BIRD_LONGER * 2 * (shape.hollowM + shape.wallM);
    case 'finiteCylinder':
      return Math.max(shape.diameterM, shape.heightM);
    case 'brick':
      return Math.max(shape.lengthM, shape.widthM, shape.heightM);
    default:
      return usualThickness(form, volumeM3);
  }
}

/** The thickest part that a food of this form and volume usually has, m. */
export const usualThickness = (form: FormId, volumeM3: number): number =>
  PROPORTIONS[form].usualM(mustBePositive('volume', volumeM3));
