import { mustBePositive } from './errors';

/** The faces a shape can lose heat through. Round shapes have one `side`; a shell an `inside` as well; a brick tells its four apart. */
export const faces = ['top', 'bottom', 'side', 'inside', 'left', 'right', 'front', 'back'] as const;
export type Face = (typeof faces)[number];

/** A body, by its outer measures in m. */
export type Shape =
  | { readonly kind: 'slab'; readonly thicknessM: number }
  | { readonly kind: 'cylinder'; readonly diameterM: number }
  | { readonly kind: 'sphere'; readonly diameterM: number }
  /** A hollow ball, by the radius of its hollow and the thickness of its wall. */
  | { readonly kind: 'shell'; readonly hollowM: number; readonly wallM: number }
  | { readonly kind: 'finiteCylinder'; readonly diameterM: number; readonly heightM: number }
  | {
      readonly kind: 'brick';
      readonly lengthM: number;
      readonly widthM: number;
      readonly heightM: number;
    };

/** The faces of each kind of shape. */
export const FACES: Record<Shape['kind'], readonly Face[]> = {
  slab: ['top', 'bottom'],
  cylinder: ['side'],
  sphere: ['side'],
  shell: ['side', 'inside'],
  finiteCylinder: ['side', 'top', 'bottom'],
  brick: ['top', 'bottom', 'left', 'right', 'front', 'back'],
};

/**
 * Volume in m³. A slab is taken per m² of one face, an endless cylinder per m of length.
 *
 * @throws SizeProblem for a measure that is not above nothing
 */
export function volumeOf(shape: Shape): number {
  switch (shape.kind) {
    case 'slab':
      return mustBePositive('thickness', shape.thicknessM);
    case 'cylinder':
      return (Math.PI / 4) * mustBePositive('diameter', shape.diameterM) ** 2;
    case 'sphere':
      return (Math.PI / 6) * mustBePositive('diameter', shape.diameterM) ** 3;
    case 'shell': {
      const inner = mustBePositive('radius of a hollow', shape.hollowM);
      return ((4 * Math.PI) / 3) * ((inner + mustBePositive('wall', shape.wallM)) ** 3 - inner ** 3);
    }
    case 'finiteCylinder':
      return (
        (Math.PI / 4) *
        mustBePositive('diameter', shape.diameterM) ** 2 *
        mustBePositive('height', shape.heightM)
      );
    case 'brick':
      return (
        mustBePositive('length', shape.lengthM) *
        mustBePositive('width', shape.widthM) *
        mustBePositive('height', shape.heightM)
      );
  }
}
