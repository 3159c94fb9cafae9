/** What food is made of, as far as heat cares. Ice is water that has frozen. */
export const components = ['protein', 'fat', 'carbohydrate', 'fibre', 'ash', 'water', 'ice'] as const;
export type Component = (typeof components)[number];

/** A property as a function of temperature in °C. */
type Polynomial = (t: number) => number;
const quadratic =
  (a: number, b: number, c: number): Polynomial =>
  (t) =>
    a + b * t + c * t * t;

/**
 * Thermal conductivity, W/(m·K). Choi & Okos (1986), as tabulated in ASHRAE Handbook – Refrigeration, "Thermal
 * Properties of Foods".
 */
export const CONDUCTIVITY: Record<Component, Polynomial> = {
  protein: quadratic(0.17881, 1.1958e-3, -2.7178e-6),
  fat: quadratic(0.18071, -2.7604e-4, -1.7749e-7),
  carbohydrate: quadratic(0.20141, 1.3874e-3, -4.3312e-6),
  fibre: quadratic(0.18331, 1.2497e-3, -3.1683e-6),
  ash: quadratic(0.32962, 1.4011e-3, -2.9069e-6),
  water: quadratic(0.57109, 1.7625e-3, -6.7036e-6),
  ice: quadratic(2.2196, -6.2489e-3, 1.0154e-4),
};

/** Density, kg/m³; same source. */
export const DENSITY: Record<Component, Polynomial> = {
  protein: quadratic(1329.9, -0.5184, 0),
  fat: quadratic(925.59, -0.41757, 0),
  carbohydrate: quadratic(1599.1, -0.31046, 0),
  fibre: quadratic(1311.5, -0.36589, 0),
  ash: quadratic(2423.8, -0.28063, 0),
  water: quadratic(997.18, 3.1439e-3, -3.7574e-3),
  ice: quadratic(916.89, -0.13071, 0),
};

const warmWater = quadratic(4176.2, -9.0864e-2, 5.4731e-3);
const supercooledWater = quadratic(4081.7, -5.3062, 0.99516);

/** Specific heat, J/(kg·K); same source. Water below 0 °C has a polynomial of its own. */
export const SPECIFIC_HEAT: Record<Component, Polynomial> = {
  protein: quadratic(2008.2, 1.2089, -1.3129e-3),
  fat: quadratic(1984.2, 1.4733, -4.8008e-3),
  carbohydrate: quadratic(1548.8, 1.9625, -5.9399e-3),
  fibre: quadratic(1845.9, 1.8306, -4.6509e-3),
  ash: quadratic(1092.6, 1.8896, -3.6817e-3),
  water: (t) => (t >= 0 ? warmWater(t) : supercooledWater(t)),
  ice: quadratic(2062.3, 6.0769, 0),
};

/** Latent heat of fusion of water, J/kg. */
export const LATENT_HEAT = 333.6e3;
/** Bound water never freezes: 0.4 kg per kg of protein. */
export const BOUND_WATER_PER_PROTEIN = 0.4;
