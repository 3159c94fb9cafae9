import type { DiffusiveSystem } from './chebyshev';
import { faceOf, type FaceEnvironment, type Segment } from './environment';
import { evaporation, latentHeat } from './evaporation';
import type { Grid, GridEnd } from './grid';
import { enthalpyAt, HOTTEST_C, lookUp, type Material } from './material';
import { compressorRuns, type Neighbour, type Refrigerator } from './refrigerator';

/** Error a step may make in a cell, J/kg: a few hundredths of a kelvin away from melting. */
const CELL_TOLERANCE = 60;
/** … three thousandths of what melting takes, for a body that holds ice. */
const FROZEN_TOLERANCE = 800;
/** … in the share of its weight that has evaporated, */
const VAPOUR_TOLERANCE = 1e-3;
/** … and in the air or a neighbour, K. */
const AIR_TOLERANCE = 0.02;
/** Spacing of the evaporation table, K. */
const VAPOUR_STEP_K = 1;
const NEWTON_ROUNDS = 3;

/** What a face meets at present, ready for use in every cell along it. */
interface Meeting {
  readonly end: GridEnd;
  readonly environment: FaceEnvironment;
  /** What a W/m² through the face takes from each of its cells, (J/kg)/s. */
  readonly perKg: Float64Array;
  /** Heat carried off by vapour, W/m², by surface temperature from 0 °C; null where nothing evaporates. */
  readonly vapour: Float64Array | null;
  /** Share of it a surface still gives that has lost so much of the body's water, by its loss per kg; 1 where it stays wet. */
  readonly wetAfter: (lostKgKg: number) => number;
}

/** The refrigerator a body stands in during a segment, with what else stands there. */
export interface Cabinet {
  readonly refrigerator: Refrigerator;
  readonly neighbours: readonly Neighbour[];
  /** How many bodies alike stand in it, each giving it the same heat; 1 unless said otherwise. */
  readonly bodies?: number;
}

/**
 * A body of food with its surroundings, as a system of equations: ρ ∂H/∂t = ∇·∇Φ with convective faces, by finite
 * volumes. The state holds the specific enthalpy of each cell, the heat given up and the water evaporated so far per kg,
 * and, for a body in a refrigerator, the temperature of its air and of each neighbour.
 */
export class Body implements DiffusiveSystem {
  readonly size: number;
  readonly tolerance: Float64Array;
  readonly massKg: number;
  compressorOn = false;
  private meetings: readonly Meeting[] = [];
  private inCabinet = false;
  private readonly potential: Float64Array;
  /** For each axis, what a difference of Φ between neighbours does to the lower and to the upper cell, 1/(kg/m). */
  private readonly exchange: readonly { up: Float64Array; down: Float64Array }[];
  /** What a body's exchanges alone let change per second, for a steepness of Φ over enthalpy of 1. */
  readonly geometry: number;

  constructor(
    readonly material: Material,
    readonly grid: Grid,
    private readonly mixed: boolean,
    private readonly cabinet: Cabinet | null,
  ) {
    const { densityKgM3: rho } = material;
    const others = cabinet ? 1 + cabinet.neighbours.length : 0;
    this.size = grid.cells + 2 + others;
    this.tolerance = new Float64Array(this.size).fill(CELL_TOLERANCE).fill(AIR_TOLERANCE, this.airAt);
    this.tolerance[this.vapourAt] = VAPOUR_TOLERANCE;
    this.potential = new Float64Array(grid.cells);
    this.massKg = rho * grid.volume.reduce((a, b) => a + b, 0);
    this.exchange = grid.axes.map(({ conductance, volume }) => ({
      up: conductance.map((g, i) => g / (rho * volume[i]!)),
      down: conductance.map((g, i) => g / (rho * volume[i + 1]!)),
    }));
    // Gershgorin: the greatest sum of exchanges of any one cell, twice.
    this.geometry =
      2 *
      grid.axes.reduce((sum, { cells }, a) => {
        const { up, down } = this.exchange[a]!;
        const each = Array.from({ length: cells }, (_, i) => (up[i] ?? 0) + (i > 0 ? down[i - 1]! : 0));
        return sum + Math.max(...each);
      }, 0);
  }

  /** A state with the whole body at one temperature, °C; it sets how exact the steps from it are. */
  uniform(temperatureC: number): Float64Array {
    const y = new Float64Array(this.size);
    y.fill(enthalpyAt(this.material, temperatureC), 0, this.grid.cells);
    if (temperatureC < this.material.freezingPointC) this.tolerance.fill(FROZEN_TOLERANCE, 0, this.vapourAt);
    if (this.cabinet) {
      const { refrigerator, neighbours } = this.cabinet;
      y[this.airAt] = refrigerator.setC;
      neighbours.forEach(({ startC }, i) => (y[this.airAt + 1 + i] = startC));
    }
    return y;
  }

  /** Sets what surrounds the body from now on. */
  enter(segment: Segment): void {
    this.inCabinet = segment.cabinet === true && this.cabinet !== null;
    const wetM2 = this.grid.ends
      .filter(({ face }) => faceOf(segment, face).wetness)
      .reduce((sum, { areaM2 }) => areaM2.reduce((a, b) => a + b, sum), 0);
    this.meetings = this.grid.ends.map((end) => {
      const environment = faceOf(segment, end.face);
      const { densityKgM3: rho } = this.material;
      const perKg = end.areaM2.map((area, c) => area / (rho * this.grid.volume[end.cells[c]!]!));
      const { driesKgM2 } = environment;
      return {
        end,
        environment,
        perKg,
        vapour: vapourTable(environment),
        wetAfter:
          driesKgM2 === undefined ? () => 1 : (lost) => Math.exp((-lost * this.massKg) / (driesKgM2 * wetM2)),
      };
    });
  }

  /** Where the water evaporated so far stands in the state. */
  get vapourAt(): number {
    return this.grid.cells + 1;
  }

  /** Where the air's temperature stands in the state. */
  get airAt(): number {
    return this.grid.cells + 2;
  }

  /** Turns the compressor on or off by the air's temperature; true when that changed. */
  thermostat(y: Float64Array): boolean {
    if (!this.cabinet) return false;
    const runs = compressorRuns(this.cabinet.refrigerator, y[this.airAt]!, this.compressorOn);
    const changed = runs !== this.compressorOn;
    this.compressorOn = runs;
    return changed;
  }

  derivative(y: Float64Array, out: Float64Array): void {
    const { potential, grid, material } = this;
    out.fill(0);
    tabulate(y, grid.cells, material, material.potential, potential);
    grid.axes.forEach((axis, a) => this.conduct(a, axis.cells, potential, out));
    const air = this.cabinet ? y[this.airAt]! : 0;
    let power = 0;
    for (const meeting of this.meetings) power += this.give(meeting, y, out, air);
    out[grid.cells] = power / this.massKg;
    if (this.cabinet) this.warmCabinet(y, out, this.inCabinet ? power * (this.cabinet.bodies ?? 1) : 0);
  }

  spectralRadius(y: Float64Array): number {
    const { material, grid } = this;
    const { stepJkg, temperature, conductivity } = material;
    let [low, high] = [Infinity, -Infinity];
    for (let i = 0; i < grid.cells; i++) {
      const h = y[i]!;
      if (h < low) low = h;
      if (h > high) high = h;
    }
    // Over the range the body spans, with a node to spare: the steepest rise of Φ and of temperature with enthalpy.
    const last = temperature.length - 1;
    const from = Math.min(last - 1, Math.max(0, Math.floor(low / stepJkg) - 1));
    const to = Math.max(from + 1, Math.min(last, Math.ceil(high / stepJkg) + 1));
    let [phi, kelvin, k] = [0, 0, 0];
    for (let i = from; i < to; i++) {
      phi = Math.max(phi, material.potential[i + 1]! - material.potential[i]!);
      kelvin = Math.max(kelvin, temperature[i + 1]! - temperature[i]!);
      k = Math.max(k, conductivity[i]!);
    }
    const inner = (this.geometry * phi) / stepJkg;
    const outer = this.meetings.reduce((most, { end, environment, perKg, vapour }) => {
      const h = environment.h + steepest(vapour);
      const through = h === 0 ? 0 : this.mixed ? h : 1 / (1 / h + end.halfM / k);
      return most + through * perKg[0]!;
    }, 0);
    const cells = inner + (outer * kelvin) / stepJkg;
    return this.cabinet ? Math.max(cells, 2e-3) : Math.max(cells, 1e-9);
  }

  /** Temperature of a face's surface in one cell, °C. */
  surface(face: GridEnd, cell: number, y: Float64Array): number {
    const { environment, vapour, wetAfter } = this.meetings.find(({ end }) => end === face)!;
    const around = this.inCabinet ? y[this.airAt]! : environment.temperatureC;
    const t = lookUp(this.material, this.material.temperature, y[cell]!);
    if (this.mixed) return t;
    const inner = lookUp(this.material, this.material.conductivity, y[cell]!) / face.halfM;
    return wetSurface(t, inner, environment.h, around, vapour, wetAfter(y[this.vapourAt]!));
  }

  private conduct(a: number, n: number, phi: Float64Array, out: Float64Array): void {
    const { up, down } = this.exchange[a]!;
    const stride = this.grid.strides[a]!;
    const { cells } = this.grid;
    if (stride === 1) {
      for (let start = 0; start < cells; start += n) {
        for (let i = 0; i < n - 1; i++) {
          const p = start + i;
          const difference = phi[p + 1]! - phi[p]!;
          out[p]! += up[i]! * difference;
          out[p + 1]! -= down[i]! * difference;
        }
      }
      return;
    }
    for (let start = 0; start < cells; start += n * stride) {
      for (let i = 0; i < n - 1; i++) {
        const [u, d] = [up[i]!, down[i]!];
        const from = start + i * stride;
        for (let p = from; p < from + stride; p++) {
          const difference = phi[p + stride]! - phi[p]!;
          out[p]! += u * difference;
          out[p + stride]! -= d * difference;
        }
      }
    }
  }

  /** Takes the heat that leaves through a face out of its cells; returns it, W. */
  private give(meeting: Meeting, y: Float64Array, out: Float64Array, air: number): number {
    const { end, perKg, environment, vapour } = meeting;
    const wet = vapour ? meeting.wetAfter(y[this.vapourAt]!) : 0;
    const { cells, areaM2, halfM } = end;
    const { material, mixed } = this;
    const { temperature, conductivity } = material;
    const { h } = environment;
    const around = this.inCabinet ? air : environment.temperatureC;
    const perStep = 1 / material.stepJkg;
    const last = temperature.length - 2;
    let [power, steam] = [0, 0];
    for (let c = 0; c < cells.length; c++) {
      const cell = cells[c]!;
      const at = y[cell]! * perStep;
      let node = at | 0;
      if (node < 0) node = 0;
      else if (node > last) node = last;
      const share = at - node;
      const t = temperature[node]! + share * (temperature[node + 1]! - temperature[node]!);
      let q: number;
      let surface = t;
      if (mixed) q = h * (t - around) + wet * read(vapour, t);
      else {
        const k = conductivity[node]! + share * (conductivity[node + 1]! - conductivity[node]!);
        const inner = k / halfM;
        if (vapour === null) q = ((t - around) * h * inner) / (h + inner);
        else {
          surface = wetSurface(t, inner, h, around, vapour, wet);
          q = inner * (t - surface);
        }
      }
      if (vapour !== null) steam += ((wet * read(vapour, surface)) / latentHeat(surface)) * areaM2[c]!;
      out[cell]! -= q * perKg[c]!;
      power += q * areaM2[c]!;
    }
    out[this.vapourAt]! += steam / this.massKg;
    return power;
  }

  private warmCabinet(y: Float64Array, out: Float64Array, power: number): void {
    const { refrigerator, neighbours } = this.cabinet!;
    const { leakWK, roomC, capacityW, airJK } = refrigerator;
    const air = y[this.airAt]!;
    let heat = leakWK * (roomC - air) - (this.compressorOn ? capacityW : 0) + power;
    neighbours.forEach(({ heatJK, surfaceWK }, i) => {
      const at = this.airAt + 1 + i;
      const gained = surfaceWK * (air - y[at]!);
      out[at] = gained / heatJK;
      heat -= gained;
    });
    out[this.airAt] = heat / airJK;
  }
}

/** Reads a table of the material for many cells at once. */
export function tabulate(
  y: Float64Array,
  cells: number,
  { stepJkg }: Material,
  table: Float64Array,
  into: Float64Array | Float32Array,
): void {
  const perStep = 1 / stepJkg;
  const last = table.length - 2;
  for (let i = 0; i < cells; i++) {
    const at = y[i]! * perStep;
    let node = at | 0;
    if (node < 0) node = 0;
    else if (node > last) node = last;
    const low = table[node]!;
    into[i] = low + (at - node) * (table[node + 1]! - low);
  }
}

function vapourTable({
  h,
  wetness = 0,
  temperatureC,
  airFromC = temperatureC,
}: FaceEnvironment): Float64Array | null {
  if (wetness === 0 || h === 0) return null;
  return Float64Array.from({ length: HOTTEST_C / VAPOUR_STEP_K + 1 }, (_, i) =>
    evaporation(h, wetness, i * VAPOUR_STEP_K, airFromC),
  );
}

const nodeOf = (table: Float64Array, t: number): number =>
  Math.min(table.length - 2, Math.max(0, Math.floor(t / VAPOUR_STEP_K)));

function read(table: Float64Array | null, t: number): number {
  if (!table || t <= 0) return 0;
  const i = nodeOf(table, t);
  return table[i]! + (t / VAPOUR_STEP_K - i) * (table[i + 1]! - table[i]!);
}

function slopeOf(table: Float64Array, t: number): number {
  const i = nodeOf(table, t);
  return (table[i + 1]! - table[i]!) / VAPOUR_STEP_K;
}

/** Temperature at which what reaches a surface by conduction leaves it by convection and with vapour, °C. */
function wetSurface(
  t: number,
  inner: number,
  h: number,
  around: number,
  vapour: Float64Array | null,
  wet: number,
): number {
  let surface = (inner * t + h * around) / (inner + h);
  if (!vapour) return surface;
  for (let round = 0; round < NEWTON_ROUNDS; round++) {
    const left = inner * (t - surface) - h * (surface - around) - wet * read(vapour, surface);
    surface += left / (inner + h + wet * slopeOf(vapour, surface));
  }
  return surface;
}

const steepest = (table: Float64Array | null): number =>
  table ? table.reduce((most, q, i) => Math.max(most, i ? (q - table[i - 1]!) / VAPOUR_STEP_K : 0), 0) : 0;
