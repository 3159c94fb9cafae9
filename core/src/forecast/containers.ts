import { ThermalProblem, type Shape } from '../thermal';
import { formatLength, type UnitSystem } from '../units';

/** What food is cooled in: its inner base, how high it may be filled, and its wall. */
export interface Container {
  readonly id: string;
  /** What it is, without its size. */
  readonly label: string;
  readonly base:
    | { readonly kind: 'round'; readonly diameterM: number }
    | { readonly kind: 'square'; readonly lengthM: number; readonly widthM: number };
  readonly heightM: number;
  readonly wall: { readonly thicknessM: number; readonly conductivity: number };
}

const STEEL = { thicknessM: 0.001, conductivity: 16 };
const GLASS = { thicknessM: 0.005, conductivity: 1 };
const PLASTIC = { thicknessM: 0.0015, conductivity: 0.2 };
const square = (lengthM: number, widthM: number) => ({ kind: 'square', lengthM, widthM }) as const;
const round = (diameterM: number) => ({ kind: 'round', diameterM }) as const;

/** Common containers of a household; a cook may add sizes of their own. */
export const containers: readonly Container[] = [
  { id: 'pot', label: 'The pot', base: round(0.24), heightM: 0.18, wall: STEEL },
  { id: 'metal-tray', label: 'Metal tray', base: square(0.33, 0.23), heightM: 0.07, wall: STEEL },
  { id: 'glass-dish', label: 'Glass dish', base: square(0.26, 0.18), heightM: 0.08, wall: GLASS },
  { id: 'tub', label: 'Plastic tub', base: square(0.21, 0.15), heightM: 0.1, wall: PLASTIC },
  { id: 'small-tub', label: 'Small tub', base: square(0.15, 0.11), heightM: 0.07, wall: PLASTIC },
  { id: 'metal-bowl', label: 'Metal bowl', base: round(0.2), heightM: 0.1, wall: STEEL },
];

/** @throws RangeError for an id that is none of the common ones */
export function containerById(id: string): Container {
  const found = containers.find((container) => container.id === id);
  if (!found) throw new RangeError(`There is no container "${id}".`);
  return found;
}

/**
 * What it is, and how large its base.
 *
 * @example containerWords(containerById('tub'), { temperature: 'C', mass: 'metric' }) // 'Plastic tub, 21 × 15 cm'
 */
export function containerWords(
  { label, base }: Pick<Container, 'label' | 'base'>,
  units: UnitSystem,
): string {
  if (base.kind === 'round') return `${label}, ${formatLength(base.diameterM, units)}`;
  const [long, wide] = [base.lengthM, base.widthM].map((lengthM) => formatLength(lengthM, units));
  return `${label}, ${long!.split(' ')[0]} × ${wide}`;
}

/** Food that does not fit into what it is to be put in. */
export class DoesNotFit extends ThermalProblem {}

const baseArea = ({ base }: Container): number =>
  base.kind === 'round' ? (Math.PI / 4) * base.diameterM ** 2 : base.lengthM * base.widthM;

/** How deep a volume stands in so many containers, m. */
export const depthIn = (container: Container, volumeM3: number, count: number): number =>
  volumeM3 / count / baseArea(container);

/** How many are needed at least, so that none overflows. */
export const fewestOf = (container: Container, volumeM3: number): number =>
  Math.max(1, Math.ceil(volumeM3 / (baseArea(container) * container.heightM) - 1e-9));

/**
 * The food in one container, as a body.
 *
 * @throws DoesNotFit
 */
export function filled(container: Container, volumeM3: number, count: number): Shape {
  const heightM = depthIn(container, volumeM3, count);
  if (heightM > container.heightM)
    throw new DoesNotFit(
      `It does not fit: take at least ${fewestOf(container, volumeM3)} of these.`,
      heightM,
    );
  return container.base.kind === 'round'
    ? { kind: 'finiteCylinder', diameterM: container.base.diameterM, heightM }
    : { kind: 'brick', lengthM: container.base.lengthM, widthM: container.base.widthM, heightM };
}
