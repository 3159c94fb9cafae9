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
 * Effective dimensions calibrated, and only so, on the roasting charts, before the oven's coefficient; see
 * docs/models.md for what is left over.
 */
const CALIBRATED = {
  /** Flesh of a bird as a wall about its hollow: thickness over the cube root of its volume. */
  birdWall: 0.48,
  /** Joints, against the diameter that their proportions and volume alone would give. */
  joint: 1.05,
  /** Parts of birds, m thick. */
  partsM: 0.023,
} as const;

/** A rod so many times as long as thick. */
const rod = (ratio: number, factor = 1): Pick<Proportions, 'usualM' | 'shape'> => ({
  usualM: (v) => factor * Math.cbrt((4 * v) / (Math.PI * ratio)),
  shape: (v, d) => ({
    kind: 'finiteCylinder',
    diameterM: d,
    // An effective diameter is not the one that holds the volume; the length keeps its proportion.
    heightM: ratio * (factor === 1 ? (4 * v) / (Math.PI * d * d * ratio) : d),
  }),
});

const slab = (usualM: (volumeM3: number) => number): Pick<Proportions, 'usualM' | 'shape'> => ({
  usualM,
  shape: (_v, thicknessM) => ({ kind: 'slab', thicknessM }),
});

/** A block with sides in a proportion to its height. */
const block = (
  long: number,
  wide: number,
  usualM: (volumeM3: number) => number,
): Pick<Proportions, 'usualM' | 'shape'> => ({
  usualM,
  shape: (v, heightM) => {
    const side = Math.sqrt(v / heightM / (long * wide));
    return { kind: 'brick', lengthM: long * side, widthM: wide * side, heightM };
  },
});

const PROPORTIONS: Record<FormId, Proportions> = {
  wholeBird: {
    thickest: 'breast, from skin to bone',
    ...slab((v) => CALIBRATED.birdWall * Math.cbrt(v)),
  },
  halfBird: {
    thickest: 'breast, from skin to bone',
    // Half the flesh in a wall as thick as the whole bird's.
    ...slab((v) => CALIBRATED.birdWall * Math.cbrt(2 * v)),
  },
  boneInJoint: { thickest: 'thickest part', ...rod(2, CALIBRATED.joint) },
  bonelessJoint: { thickest: 'thickest part', ...rod(3, CALIBRATED.joint) },
  steak: { thickest: 'thickest piece', ...slab(() => 0.03) },
  pieces: { thickest: 'thickest piece', ...slab(() => CALIBRATED.partsM) },
  fillet: { thickest: 'thickest part', ...slab((v) => 0.035 * Math.cbrt(v / 1e-3)) },
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

/** The thickest part that a food of this form and volume usually has, m. */
export const usualThickness = (form: FormId, volumeM3: number): number =>
  PROPORTIONS[form].usualM(mustBePositive('volume', volumeM3));
