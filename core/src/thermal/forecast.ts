import { Body, tabulate, type Cabinet } from './body';
import { ChebyshevStepper } from './chebyshev';
import { extremes, findCore, temperatureOf } from './core';
import { checkSegments, faceOf, type Segment } from './environment';
import { mustBePositive, ThermalProblem } from './errors';
import { gridOf, type Resolution } from './grid';
import { COLDEST_C, HOTTEST_C, temperatureAt, type Material } from './material';
import { checkRefrigerator, untilThermostatTurns } from './refrigerator';
import type { Series } from './series';
import { FACES, faces, volumeOf, type Face, type Shape } from './shapes';

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
  /** The coldest and the warmest point at that moment, °C: what a rule asks of a food, it asks of every point. */
  readonly coldestC: number;
  readonly warmestC: number;
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

/** Curves are drawn, and crossings found, between points at most this share of the whole apart; steps may be longer. */
const POINTS = 160;
/** At first, when all goes fastest, points stand closer: this share of the time so far, and never closer than so long. */
const SHARE_SO_FAR = 1 / 80;
const CLOSEST_S = 30;
/** Between two points the moment that ends a forecast is sought by this many halvings. */
const HALVINGS = 6;
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

  const grid = gridOf(shape, segments, input.resolution ?? 'usual', mixed, meetsFront(input));
  const body = new Body(material, grid, mixed, cabinet);
  const stepper = new ChebyshevStepper(body, body.uniform(startC));
  const { y } = stepper;
  const history = new History(body, FACES[shape.kind][0]!);
  const apartAt = (atS: number) => Math.min(untilS / POINTS, Math.max(CLOSEST_S, atS * SHARE_SO_FAR));

  let timeS = 0;
  let steps = 0;
  for (const [stay, segment] of segments.entries()) {
    const endS = stay === segments.length - 1 ? untilS : Math.min(untilS, segment.untilS);
    if (timeS >= endS) continue;
    body.enter(segment);
    body.thermostat(y);
    stepper.changed();
    if (steps === 0) history.begin(y);
    const around = stay === 0 ? faceOf(segment, 'side').temperatureC : null;
    while (timeS < endS - 1e-9) {
      // A thermostat alone goes on for ever.
      if (!cabinet && steps > 0 && stay === segments.length - 1 && stepper.isSettledFor(endS - timeS)) {
        history.settle(endS, y);
        return history.series();
      }
      const apart = apartAt(timeS);
      let limit = Math.min(LONGEST_STEP_POINTS * apart, endS - timeS);
      if (cabinet) {
        const air = y[body.airAt]!;
        const rate = stepper.derivative()[body.airAt]!;
        limit = Math.min(limit, untilThermostatTurns(cabinet.refrigerator, air, rate, body.compressorOn));
      }
      const taken = stepper.step(limit);
      const ends = timeS + taken >= endS - 1e-9;
      if (history.noteStep(timeS, taken, apart, stepper, { around, ends, until: input.until }))
        return history.series();
      timeS = Math.min(endS, timeS + taken);
      if (body.thermostat(y)) stepper.changed();
      steps++;
      if (steps % TOLD_EVERY === 0 && onProgress?.(timeS / untilS) === false) throw new ForecastCancelled();
    }
  }
  return history.series();
}

/** Whether what is around a body, or itself, lies on either side of its freezing point. */
function meetsFront({ material, startC, segments }: ForecastInput): boolean {
  const around = segments.flatMap((segment) => faces.map((face) => faceOf(segment, face).temperatureC));
  const all = [startC, ...around];
  return Math.min(...all) < material.freezingPointC && Math.max(...all) > material.freezingPointC;
}

/** A point of the curves. */
interface Point extends Moment {
  readonly field: Float32Array;
  readonly surfaceC: number;
  readonly settledC: number;
  readonly heatJ: number;
  readonly evaporatedKg: number;
  readonly others: readonly number[];
}

/** Keeps the temperatures of every point until it is known which cell is the core. */
class History {
  private readonly points: Point[] = [];
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
    this.end = grid.ends.find((end) => end.face === face)!;
  }

  begin(y: Float64Array): void {
    this.points.push(this.point(0, y));
  }

  /**
   * Notes the points that lie in a step just taken, and its end where a stay ends with it.
   *
   * @returns whether `until` held; the last two points are then as close together as halving finds them
   */
  noteStep(
    fromS: number,
    taken: number,
    apart: number,
    stepper: ChebyshevStepper,
    { around, ends, until }: { around: number | null; ends: boolean; until: ForecastInput['until'] },
  ): boolean {
    const toS = fromS + taken;
    const read = (at: number): Point => {
      stepper.within((at - fromS) / taken, taken, this.between);
      return this.point(at, this.between);
    };
    const note = (point: Point): boolean => {
      if (!until?.(point)) {
        this.keep(point, around);
        return false;
      }
      let [low, high] = [Math.max(fromS, this.points.at(-1)!.timeS), point];
      for (let i = 0; i < HALVINGS; i++) {
        const middle = read((low + high.timeS) / 2);
        if (until(middle)) high = middle;
        else {
          low = middle.timeS;
          this.keep(middle, around);
        }
      }
      this.keep(high, around);
      return true;
    };
    for (let at = this.points.at(-1)!.timeS + apart; at < toS; at += apart) if (note(read(at))) return true;
    return ends && note(this.point(toS, stepper.y));
  }

  /** Notes that from here on all stays as it is. */
  settle(untilS: number, y: Float64Array): void {
    this.points.push(this.point(untilS, y));
  }

  /** Keeps a point, and adds up how far each cell has lagged behind what is around it since the one before. */
  private keep(point: Point, around: number | null): void {
    const { field, timeS } = point;
    const length = timeS - this.points.at(-1)!.timeS;
    this.points.push(point);
    if (around === null) return;
    for (let i = 0; i < field.length; i++) this.lag[i]! += Math.abs(field[i]! - around) * length;
  }

  private point(timeS: number, y: Float64Array): Point {
    const { grid, material, massKg } = this.body;
    const field = new Float32Array(grid.cells);
    tabulate(y, grid.cells, material, material.temperature, field);
    let [meanC, enthalpy] = [0, 0];
    for (let i = 0; i < grid.cells; i++) {
      meanC += this.share[i]! * field[i]!;
      enthalpy += this.share[i]! * y[i]!;
    }
    return {
      timeS,
      field,
      meanC,
      ...extremes(grid, field, material.freezingPointC),
      settledC: temperatureAt(material, enthalpy),
      heatJ: y[grid.cells]! * massKg,
      evaporatedKg: y[this.body.vapourAt]! * massKg,
      surfaceC: this.body.surface(this.end, this.end.cells[0]!, y),
      others: Array.from(y.subarray(this.body.airAt)),
    };
  }

  series(): Series {
    const { grid, material } = this.body;
    const core = findCore(grid, this.lag);
    const all = <Key extends keyof Point>(key: Key) => this.points.map((point) => point[key]);
    const [airC = [], ...neighboursC] = this.points[0]!.others.map((_, i) =>
      this.points.map(({ others }) => others[i]!),
    );
    return {
      timeS: all('timeS'),
      coreC: this.points.map(({ field }) => temperatureOf(grid, core, field, material.freezingPointC)),
      coldestC: all('coldestC'),
      warmestC: all('warmestC'),
      surfaceC: all('surfaceC'),
      meanC: all('meanC'),
      settledC: all('settledC'),
      heatJ: all('heatJ'),
      evaporatedKg: all('evaporatedKg'),
      airC,
      neighboursC,
    };
  }
}
