import type { Composition } from '../foods';

/**
 * Polynomials of specific heat, J/(kg·K), T in °C: Choi & Okos (1986), as tabulated in ASHRAE Handbook – Refrigeration,
 * "Thermal Properties of Foods".
 */
const SPECIFIC_HEAT = {
  protein: (t: number) => 2008.2 + 1.2089 * t - 1.3129e-3 * t * t,
  fat: (t: number) => 1984.2 + 1.4733 * t - 4.8008e-3 * t * t,
  carbohydrate: (t: number) => 1548.8 + 1.9625 * t - 5.9399e-3 * t * t,
  fibre: (t: number) => 1845.9 + 1.8306 * t - 4.6509e-3 * t * t,
  ash: (t: number) => 1092.6 + 1.8896 * t - 3.6817e-3 * t * t,
  water: (t: number) =>
    t >= 0 ? 4176.2 - 9.0864e-2 * t + 5.4731e-3 * t * t : 4081.7 - 5.3062 * t + 0.99516 * t * t,
  ice: (t: number) => 2062.3 + 6.0769 * t,
};

/** Latent heat of fusion of water, J/kg. */
const LATENT_HEAT = 333.6e3;
/** Bound water never freezes: 0.4 kg per kg of protein. */
const BOUND_WATER_PER_PROTEIN = 0.4;

/**
 * Mass fraction of ice at a temperature.
 *
 * x_ice = max(0, (x_water − x_b)(1 − t_f/T)) below the initial freezing point t_f.
 *
 * @param composition g per 100 g
 * @param freezingPointC initial freezing point t_f, °C
 * @param temperatureC T, °C
 */
export function iceFraction(composition: Composition, freezingPointC: number, temperatureC: number): number {
  if (temperatureC >= freezingPointC) return 0;
  const freezable = (composition.water - BOUND_WATER_PER_PROTEIN * composition.protein) / 100;
  return Math.max(0, freezable * (1 - freezingPointC / temperatureC));
}

function specificHeat(composition: Composition, freezingPointC: number, t: number): number {
  const ice = iceFraction(composition, freezingPointC, t);
  const solids = (['protein', 'fat', 'carbohydrate', 'fibre', 'ash'] as const).reduce(
    (sum, part) => sum + (composition[part] / 100) * SPECIFIC_HEAT[part](t),
    0,
  );
  return solids + (composition.water / 100 - ice) * SPECIFIC_HEAT.water(t) + ice * SPECIFIC_HEAT.ice(t);
}

/**
 * Heat that takes a kilogram of food from one temperature to a warmer one, melting included, J/kg.
 *
 * ΔH = ∫ c(τ) dτ + L·(x_ice(from) − x_ice(to)), c with the composition at τ; midpoint rule in steps of at most 0.1 K.
 *
 * @param fromC start, °C
 * @param toC end, °C
 */
export function heatBetween(
  composition: Composition,
  freezingPointC: number,
  fromC: number,
  toC: number,
): number {
  const steps = Math.max(1, Math.ceil(Math.abs(toC - fromC) / 0.1));
  const step = (toC - fromC) / steps;
  let sensible = 0;
  for (let i = 0; i < steps; i++)
    sensible += specificHeat(composition, freezingPointC, fromC + (i + 0.5) * step) * step;
  const melted =
    iceFraction(composition, freezingPointC, fromC) - iceFraction(composition, freezingPointC, toC);
  return sensible + LATENT_HEAT * melted;
}
