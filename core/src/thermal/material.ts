import type { Composition } from '../foods';
import { LATENT_HEAT } from './components';
import { conductivity, density, iceFraction, makeupOf, specificHeat, type Makeup } from './properties';

/** Enthalpy counts from here; no freezer is colder. */
export const COLDEST_C = -40;
/** The polynomials reach a little beyond the surface of any roast. */
export const HOTTEST_C = 180;
/** Nodes of the enthalpy table below the freezing point; as many again per joule above it. */
const NODES_BELOW = 512;
/** Steps of the integration behind the table, far finer than the table itself. */
const STEPS = 2500;
/** Closest approach of the integration's nodes to the freezing point, K. */
const CLOSEST_K = 1e-4;
const REFERENCE_C = 20;

/**
 * A food as the solver sees it: tables over specific enthalpy, uniform in it, with a node exactly at the initial
 * freezing point. Over enthalpy, unlike over temperature, melting is no jump.
 */
export interface Material {
  readonly freezingPointC: number;
  /** ρ at 20 °C, kg/m³, used throughout so that mass is conserved. */
  readonly densityKgM3: number;
  /** Spacing of the tables, J/kg; node i stands at i · stepJkg. */
  readonly stepJkg: number;
  /** Temperature at each node, °C. */
  readonly temperature: Float64Array;
  /** Kirchhoff's transform Φ = ∫ k dT from the freezing point, W/m: heat flows along its gradient, whatever k does. */
  readonly potential: Float64Array;
  /** Conductivity at each node, W/(m·K). */
  readonly conductivity: Float64Array;
}

/**
 * Builds the tables of a food. H(T) = ∫ c(τ) dτ + L·(x_ice(−40) − x_ice(T)), 0 at −40 °C, c with the composition at τ.
 *
 * @param composition g per 100 g
 * @param freezingPointC initial freezing point, °C
 * @throws CompositionProblem, FreezingPointProblem
 */
export function materialOf(composition: Composition, freezingPointC: number): Material {
  const makeup = makeupOf(composition, freezingPointC);
  const fine = integrate(makeup);
  const atFreezing = fine.enthalpy[STEPS]!;
  const step = atFreezing / NODES_BELOW;
  const nodes = Math.floor(fine.enthalpy[2 * STEPS]! / step) + 1;
  const temperature = new Float64Array(nodes);
  const potential = new Float64Array(nodes);
  const conductivities = new Float64Array(nodes);
  let at = 0;
  for (let node = 0; node < nodes; node++) {
    const wanted = node === NODES_BELOW ? atFreezing : node * step;
    while (at < 2 * STEPS - 1 && fine.enthalpy[at + 1]! < wanted) at++;
    const [low, high] = [fine.enthalpy[at]!, fine.enthalpy[at + 1]!];
    const share = Math.min(1, Math.max(0, (wanted - low) / (high - low)));
    temperature[node] = mix(fine.temperature, at, share);
    potential[node] = mix(fine.potential, at, share);
    conductivities[node] = mix(fine.conductivity, at, share);
  }
  return {
    freezingPointC,
    densityKgM3: density(makeup, REFERENCE_C),
    stepJkg: step,
    temperature,
    potential,
    conductivity: conductivities,
  };
}

const mix = (table: Float64Array, i: number, share: number) =>
  table[i]! + share * (table[i + 1]! - table[i]!);

/** The same over temperature: nodes crowd towards the freezing point from below, where almost all the ice melts. */
function integrate(makeup: Makeup) {
  const { freezingPointC: tf } = makeup;
  const temperature = new Float64Array(2 * STEPS + 1);
  const crowd = Math.log((tf - COLDEST_C) / CLOSEST_K);
  for (let i = 0; i < STEPS; i++) temperature[i] = tf - CLOSEST_K * Math.exp(crowd * (1 - i / STEPS));
  temperature[0] = COLDEST_C;
  for (let i = 0; i <= STEPS; i++) temperature[STEPS + i] = tf + ((HOTTEST_C - tf) * i) / STEPS;

  const enthalpy = new Float64Array(2 * STEPS + 1);
  const potential = new Float64Array(2 * STEPS + 1);
  const k = Float64Array.from(temperature, (t) => conductivity(makeup, t));
  let sensible = 0;
  for (let i = 1; i <= 2 * STEPS; i++) {
    const [a, b] = [temperature[i - 1]!, temperature[i]!];
    sensible += specificHeat(makeup, (a + b) / 2) * (b - a);
    enthalpy[i] = sensible + LATENT_HEAT * (iceFraction(makeup, COLDEST_C) - iceFraction(makeup, b));
    potential[i] = potential[i - 1]! + 0.5 * (k[i - 1]! + k[i]!) * (b - a);
  }
  const atFreezing = potential[STEPS]!;
  for (let i = 0; i <= 2 * STEPS; i++) potential[i]! -= atFreezing;
  return { temperature, enthalpy, potential, conductivity: k };
}

/** Looks a table up between its nodes; beyond its ends it goes on straight. */
export function lookUp({ stepJkg }: Material, table: Float64Array, enthalpyJkg: number): number {
  const at = enthalpyJkg / stepJkg;
  const i = Math.min(table.length - 2, Math.max(0, Math.floor(at)));
  return table[i]! + (at - i) * (table[i + 1]! - table[i]!);
}

/** @returns temperature, °C, at a specific enthalpy in J/kg */
export const temperatureAt = (material: Material, enthalpyJkg: number): number =>
  lookUp(material, material.temperature, enthalpyJkg);

/**
 * @param temperatureC °C
 * @returns specific enthalpy, J/kg, 0 at −40 °C
 */
export function enthalpyAt({ temperature, stepJkg }: Material, temperatureC: number): number {
  let [low, high] = [0, temperature.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (temperature[middle]! <= temperatureC) low = middle;
    else high = middle;
  }
  const share = (temperatureC - temperature[low]!) / (temperature[high]! - temperature[low]!);
  return (low + share) * stepJkg;
}

/** With air in it a food is as much lighter and conducts as much less: by volume, air adds next to nothing to either. */
function aerated(solid: Material, porosity: number): Material {
  if (porosity === 0) return solid;
  const share = 1 - porosity;
  return {
    ...solid,
    densityKgM3: solid.densityKgM3 * share,
    potential: solid.potential.map((each) => each * share),
    conductivity: solid.conductivity.map((each) => each * share),
  };
}

/** What a material is made of. */
interface FoodMakeup {
  readonly composition: Composition;
  readonly freezingPointC: number;
  readonly porosity?: number;
}

/**
 * ρ of a food at 20 °C with the air in it, kg/m³: the same as its material's, without building the tables.
 *
 * @throws CompositionProblem, FreezingPointProblem
 */
export const densityOfFood = ({ composition, freezingPointC, porosity = 0 }: FoodMakeup): number =>
  density(makeupOf(composition, freezingPointC), REFERENCE_C) * (1 - porosity);

const known = new WeakMap<Composition, Material>();

/** The material of a food of the catalogue; its tables are built once. */
export function materialOfFood(food: FoodMakeup): Material {
  const found = known.get(food.composition);
  if (found) return found;
  const made = aerated(materialOf(food.composition, food.freezingPointC), food.porosity ?? 0);
  known.set(food.composition, made);
  return made;
}
