import type { Composition } from '../foods';
import {
  BOUND_WATER_PER_PROTEIN,
  components,
  CONDUCTIVITY,
  DENSITY,
  SPECIFIC_HEAT,
  type Component,
} from './components';
import { CompositionProblem, FreezingPointProblem } from './errors';

/** Mass fractions of a food, sum 1, and where its water begins to freeze. */
export interface Makeup {
  readonly fractions: Record<Exclude<Component, 'ice'>, number>;
  /** Initial freezing point t_f, °C. */
  readonly freezingPointC: number;
}

/** Rounding of a table in tenths of a gram is forgiven; a missing part is not. */
const SUM_TOLERANCE = 1e-6;

/**
 * @param composition g per 100 g
 * @param freezingPointC initial freezing point, °C
 * @throws CompositionProblem when a part is negative or the parts do not sum to the whole
 * @throws FreezingPointProblem above 0 °C
 */
export function makeupOf(composition: Composition, freezingPointC: number): Makeup {
  const { water, protein, fat, carbohydrate, fibre, ash } = composition;
  const parts = [water, protein, fat, carbohydrate, fibre, ash];
  const sum = parts.reduce((a, b) => a + b, 0) / 100;
  const negative = parts.find((part) => !(part >= 0));
  if (negative !== undefined)
    throw new CompositionProblem(`A part of a food cannot be ${negative} g.`, negative);
  if (Math.abs(sum - 1) > SUM_TOLERANCE)
    throw new CompositionProblem(`The parts of a food must sum to 1, not ${sum}.`, sum);
  if (!(freezingPointC < 0))
    throw new FreezingPointProblem(`Food freezes below 0 °C, not at ${freezingPointC} °C.`, freezingPointC);
  return {
    fractions: {
      water: water / 100,
      protein: protein / 100,
      fat: fat / 100,
      carbohydrate: carbohydrate / 100,
      fibre: fibre / 100,
      ash: ash / 100,
    },
    freezingPointC,
  };
}

/**
 * Mass fraction of ice: x_ice = max(0, (x_water − x_b)(1 − t_f/T)) below t_f, else 0.
 *
 * @param t temperature T, °C
 */
export function iceFraction({ fractions, freezingPointC }: Makeup, t: number): number {
  if (t >= freezingPointC) return 0;
  const freezable = Math.max(0, fractions.water - BOUND_WATER_PER_PROTEIN * fractions.protein);
  return freezable * (1 - freezingPointC / t);
}

/** Mass fractions at a temperature, ice told apart from water. */
function partsAt(makeup: Makeup, t: number): Record<Component, number> {
  const ice = iceFraction(makeup, t);
  return { ...makeup.fractions, water: makeup.fractions.water - ice, ice };
}

/** Specific heat without melting, J/(kg·K): c = Σ xᵢ(t) cpᵢ(t). */
export function specificHeat(makeup: Makeup, t: number): number {
  const parts = partsAt(makeup, t);
  return components.reduce((sum, part) => sum + parts[part] * SPECIFIC_HEAT[part](t), 0);
}

/** Density, kg/m³: 1/ρ = Σ xᵢ/ρᵢ. */
export function density(makeup: Makeup, t: number): number {
  const parts = partsAt(makeup, t);
  return 1 / components.reduce((sum, part) => sum + parts[part] / DENSITY[part](t), 0);
}

/** Thermal conductivity, W/(m·K), parallel over volume fractions: k = Σ kᵢ vᵢ, vᵢ = (xᵢ/ρᵢ)/Σ(xⱼ/ρⱼ). */
export function conductivity(makeup: Makeup, t: number): number {
  const parts = partsAt(makeup, t);
  let volume = 0;
  let sum = 0;
  for (const part of components) {
    const own = parts[part] / DENSITY[part](t);
    volume += own;
    sum += own * CONDUCTIVITY[part](t);
  }
  return sum / volume;
}
