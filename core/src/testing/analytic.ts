import type { Material } from '../thermal';

/** Positive roots of a function that rises from − to + between its poles, one per bracket, by bisection. */
function roots(f: (x: number) => number, brackets: (n: number) => [number, number], count: number): number[] {
  return Array.from({ length: count }, (_, n) => {
    let [low, high] = brackets(n);
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (f(low) * f(middle) <= 0) high = middle;
      else low = middle;
    }
    return (low + high) / 2;
  });
}

const TINY = 1e-9;
const TERMS = 60;

/** Bessel functions of the first kind, J0 and J1, by their integrals. */
const bessel = (order: 0 | 1, x: number): number => {
  const n = 120;
  let sum = 0;
  for (let i = 0; i < n; i++) {
    const angle = ((i + 0.5) * Math.PI) / n;
    sum += Math.cos(order * angle - x * Math.sin(angle));
  }
  return sum / n;
};

/** Zeros of J0 lie near (n − ¼)π and those of J1 near (n + ¼)π; ζ J1/J0 − Bi has a root between them. */
const zeroOfJ = (order: 0 | 1, n: number): number => {
  const key = `${order} ${n}`;
  const found = zeros.get(key);
  if (found !== undefined) return found;
  const made = findZeroOfJ(order, n);
  zeros.set(key, made);
  return made;
};
const zeros = new Map<string, number>();

const findZeroOfJ = (order: 0 | 1, n: number): number => {
  if (order === 1 && n === 0) return TINY;
  const near = order === 0 ? (n + 0.75) * Math.PI : (n + 0.25) * Math.PI;
  return roots(
    (x) => bessel(order, x),
    () => [near - 0.3, near + 0.3],
    1,
  )[0]!;
};

/**
 * Temperature at the middle of a body that starts at 1 in surroundings at 0, by its series (Carslaw & Jaeger 1959;
 * Heisler 1947), for Fo = αt/R² and Bi = hR/k with R half the thickness or the radius.
 */
export const middle = {
  slab(bi: number, fo: number): number {
    const zeta = roots(
      (z) => z * Math.sin(z) - bi * Math.cos(z),
      (n) => [n * Math.PI + TINY, n * Math.PI + Math.PI / 2 - TINY],
      TERMS,
    );
    return zeta.reduce(
      (sum, z) => sum + ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fo),
      0,
    );
  },
  cylinder(bi: number, fo: number): number {
    const zeta = roots(
      (z) => z * bessel(1, z) - bi * bessel(0, z),
      (n) => [zeroOfJ(1, n), zeroOfJ(0, n)],
      12,
    );
    return zeta.reduce((sum, z) => {
      const [j0, j1] = [bessel(0, z), bessel(1, z)];
      return sum + (2 / z) * (j1 / (j0 * j0 + j1 * j1)) * Math.exp(-z * z * fo);
    }, 0);
  },
  sphere(bi: number, fo: number): number {
    const zeta = roots(
      (z) => Math.sin(z) * (1 - bi) - z * Math.cos(z),
      (n) => [n * Math.PI + TINY, (n + 1) * Math.PI - TINY],
      TERMS,
    );
    return zeta.reduce(
      (sum, z) =>
        sum + ((4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z))) * Math.exp(-z * z * fo),
      0,
    );
  },
};

/** erf by its series; enough for arguments below 3. */
export const erf = (x: number): number => {
  let [sum, term] = [x, x];
  for (let n = 1; n < 80; n++) {
    term *= (-x * x) / n;
    sum += term / (2 * n + 1);
  }
  return (2 / Math.sqrt(Math.PI)) * sum;
};

/**
 * λ of Neumann's solution for a half-space at its melting point whose face is held `kelvinAbove` it: the front stands at
 * 2λ√(αt), with √π λ exp(λ²) erf(λ) = c·ΔT/L.
 */
export const stefanLambda = (heatJkgK: number, kelvinAbove: number, latentJkg: number): number =>
  roots(
    (l) => Math.sqrt(Math.PI) * l * Math.exp(l * l) * erf(l) - (heatJkgK * kelvinAbove) / latentJkg,
    () => [TINY, 2.5],
    1,
  )[0]!;

interface Constant {
  readonly k: number;
  readonly rho: number;
  readonly c: number;
  /** Melts at once at 0 °C, taking this up, J/kg. */
  readonly latent?: number;
}

/** A material whose properties do not change, from −40 °C on; with a latent heat it melts at 0 °C. */
export function constantMaterial({ k, rho, c, latent = 0 }: Constant): Material {
  const NODES = 8000;
  /** Melting is spread over a hair, since a table needs a slope. */
  const HAIR_K = 1e-3;
  const solid = 40 * c;
  const stepJkg = (solid + latent + 180 * c) / NODES;
  const at = (i: number): number => {
    const h = i * stepJkg;
    if (latent === 0) return h / c - 40;
    if (h <= solid) return (h / solid) * 40 - 40;
    if (h <= solid + latent) return HAIR_K * ((h - solid) / latent);
    return HAIR_K + (h - solid - latent) / c;
  };
  const temperature = Float64Array.from({ length: NODES + 1 }, (_, i) => at(i));
  return {
    freezingPointC: 0,
    densityKgM3: rho,
    stepJkg,
    temperature,
    potential: temperature.map((t) => k * t),
    conductivity: new Float64Array(NODES + 1).fill(k),
  };
}
