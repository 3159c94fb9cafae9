import { Body, tabulate, type Cabinet } from './body';
import { ChebyshevStepper } from './chebyshev';
import { coreTemperature, findCore } from './core';
import { checkSegments, faceOf, type Segment } from './environment';
import { mustBePositive, ThermalProblem } from './errors';
import { gridOf, type Resolution } from './grid';
import { COLDEST_C, HOTTEST_C, temperatureAt, type Material } from './material';
import { checkRefrigerator, untilThermostatTurns } from './refrigerator';
import type { Series } from './series';
import { FACES, volumeOf, type Face, type Shape } from './shapes';

/** What is to be forecast. */
export interface ForecastInput {
  readonly material: Material;
  readonly shape: Shape;
  /** Temperature throughout at the start, °C. */
  readonly startC: number;
  readonly segments: readonly Segment[];
  readonly untilS: number;
  /** A stirred or thin liquid: one temperature throughout. */
  readonly mixed?: boolean;
  /** The refrigerator of the segments that are in one. */
  readonly cabinet?: Cabinet;
  readonly resolution?: Resolution;
  /** Ends the forecast before its time, once this holds. */
  readonly until?: (now: Moment) => boolean;
}

/** A body at one moment of its forecast. */
export interface Moment {
  readonly timeS: number;
  readonly coreC: number;
  readonly meanC: number;
}

/** Told from time to time while a forecast runs; returning false cancels it. */
export type OnProgress = (share: number) => boolean | void;

/** A forecast given up because whoever waited for it no longer does. */
export class ForecastCancelled extends Error {
  constructor() {
    super('The forecast was cancelled.');
    this.name = 'ForecastCancelled';
  }
}

/** A start temperature no food here can have. */
export class StartProblem extends ThermalProblem {}

/** Curves are drawn, and crossings found, between points this share of the whole apart; steps may be longer. */
const POINTS = 160;
/** Where the end is not known beforehand, points stand closer at first: this share of the time so far. */
const SHARE_SO_FAR = 1 / 80;
const CLOSEST_S = 30;
/** Steps never span more points than this, so that nothing in the surroundings is stepped over. */
const LONGEST_STEP_POINTS = 12;
const TOLD_EVERY = 8;

/**
 * Runs a body of food forward through its surroundings.
 *
 * @throws StartProblem, EnvironmentProblem, SizeProblem for input that makes no sense
 * @throws ForecastCancelled when `onProgress` returns false
 */
export function forecast(input: ForecastInput, onProgress?: OnProgress): Series {
  const { material, shape, startC, segments, untilS, mixed = false, cabinet = null } = input;
  if (!(startC >= COLDEST_C && startC <= HOTTEST_C))
    throw new StartProblem(`Food cannot start at ${startC} °C.`, startC);
  mustBePositive('time to forecast', untilS);
  volumeOf(shape);
  checkSegments(segments);
  if (cabinet) checkRefrigerator(cabinet.refrigerator);

  const grid = gridOf(shape, segments, input.resolution ?? 'usual', mixed);
  const body = new Body(material, grid, mixed, cabinet);
  const stepper = new ChebyshevStepper(body, body.uniform(startC));
  const { y } = stepper;
  const history = new History(body, FACES[shape.kind][0]!);
  const widest = untilS / POINTS;
  const apartAt = (atS: number) =>
    input.until ? Math.min(widest, Math.max(CLOSEST_S, atS * SHARE_SO_FAR)) : widest;

  let timeS = 0;
  let steps = 0;
  for (const [stay, segment] of segments.entries()) {
    const endS = stay === segments.length - 1 ? untilS : Math.min(untilS, segment.untilS);
    if (timeS >= endS) continue;
    body.enter(segment);
    body.thermostat(y);
    stepper.changed();
    if (steps === 0) history.note(timeS, y);
    const around = stay === 0 ? faceOf(segment, 'side').temperatureC : null;
    while (timeS < endS - 1e-9) {
      const apart = apartAt(timeS);
      let limit = Math.min(LONGEST_STEP_POINTS * apart, endS - timeS);
      if (cabinet) {
        const air = y[body.airAt]!;
        const rate = stepper.derivative()[body.airAt]!;
        limit = Math.min(limit, untilThermostatTurns(cabinet.refrigerator, air, rate, body.compressorOn));
      }
      const taken = stepper.step(limit);
      history.noteStep(timeS, taken, apart, stepper, { around, ends: timeS + taken >= endS - 1e-9 });
      timeS = Math.min(endS, timeS + taken);
      if (body.thermostat(y)) stepper.changed();
      steps++;
      if (steps % TOLD_EVERY === 0 && onProgress?.(timeS / untilS) === false) throw new ForecastCancelled();
      if (input.until?.(history.latest())) return history.series();
    }
  }
  return history.series();
}

/** Keeps the temperatures of every point until it is known which cell is the core. */
class History {
  private readonly timeS: number[] = [];
  private readonly fields: Float32Array[] = [];
  private readonly surfaceC: number[] = [];
  private readonly meanC: number[] = [];
  private readonly settledC: number[] = [];
  private readonly heatJ: number[] = [];
  private readonly others: number[][];
  private readonly lag: Float64Array;
  private readonly share: Float64Array;
  private readonly between: Float64Array;
  private readonly end;

  constructor(
    private readonly body: Body,
    face: Face,
  ) {
    const { grid } = body;
    this.lag = new Float64Array(grid.cells);
    this.between = new Float64Array(body.size);
    const whole = grid.volume.reduce((a, b) => a + b, 0);
    this.share = grid.volume.map((v) => v / whole);
    this.others = Array.from({ length: body.size - grid.cells - 1 }, () => []);
    this.end = grid.ends.find((end) => end.face === face)!;
  }

  /** Notes the points that lie in a step just taken, and its end where a stay ends with it. */
  noteStep(
    fromS: number,
    taken: number,
    apart: number,
    stepper: ChebyshevStepper,
    { around, ends }: { around: number | null; ends: boolean },
  ): void {
    const toS = fromS + taken;
    for (let at = this.timeS.at(-1)! + apart; at < toS; at += apart) {
      stepper.within((at - fromS) / taken, taken, this.between);
      this.note(at, this.between);
      this.addLag(around);
    }
    if (!ends) return;
    this.note(toS, stepper.y);
    this.addLag(around);
  }

  /** Adds up how far each cell lags behind what is around it, over the stretch to the latest point. */
  private addLag(around: number | null): void {
    if (around === null) return;
    const field = this.fields.at(-1)!;
    const length = this.timeS.at(-1)! - this.timeS.at(-2)!;
    for (let i = 0; i < field.length; i++) this.lag[i]! += Math.abs(field[i]! - around) * length;
  }

  note(timeS: number, y: Float64Array): void {
    const { grid, material, massKg } = this.body;
    const field = new Float32Array(grid.cells);
    tabulate(y, grid.cells, material, material.temperature, field);
    let [mean, enthalpy] = [0, 0];
    for (let i = 0; i < grid.cells; i++) {
      mean += this.share[i]! * field[i]!;
      enthalpy += this.share[i]! * y[i]!;
    }
    this.timeS.push(timeS);
    this.fields.push(field);
    this.meanC.push(mean);
    this.settledC.push(temperatureAt(material, enthalpy));
    this.heatJ.push(y[grid.cells]! * massKg);
    this.surfaceC.push(this.body.surface(this.end, this.end.cells[0]!, y));
    this.others.forEach((values, i) => values.push(y[grid.cells + 1 + i]!));
  }

  latest(): Moment {
    const { grid, material } = this.body;
    const core = findCore(grid, this.lag);
    return {
      timeS: this.timeS.at(-1)!,
      coreC: coreTemperature(grid, core, this.fields.at(-1)!, material.freezingPointC),
      meanC: this.meanC.at(-1)!,
    };
  }

  series(): Series {
    const { grid, material } = this.body;
    const core = findCore(grid, this.lag);
    const [airC = [], ...neighboursC] = this.others;
    return {
      timeS: this.timeS,
      coreC: this.fields.map((field) => coreTemperature(grid, core, field, material.freezingPointC)),
      surfaceC: this.surfaceC,
      meanC: this.meanC,
      settledC: this.settledC,
      heatJ: this.heatJ,
      airC,
      neighboursC,
    };
  }
}
