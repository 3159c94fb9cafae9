import { createRequire } from 'node:module';
import { foodById } from '../core/src/foods';
import { materialOfFood } from '../core/src/thermal';
import { Body } from '../core/src/thermal/body';
import { ChebyshevStepper } from '../core/src/thermal/chebyshev';
import type { Segment } from '../core/src/thermal/environment';
import { forecast } from '../core/src/thermal/forecast';
import { gridOf } from '../core/src/thermal/grid';
import { valueAt } from '../core/src/thermal/series';
import { inC, type Method, type Reference } from './inC';

/** The general-purpose package, by what is used of it: its own types are sources that only its own settings accept. */
interface GeneralSolver {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    derivative: (t: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { y: number[] };
}
const { Solver } = createRequire(__filename)('odex') as { Solver: new (size: number) => GeneralSolver };

const DAY_S = 24 * 3600;
const ROUNDS = 9;
const material = materialOfFood(foodById('beef-stew'));
const shape = { kind: 'brick', lengthM: 0.3, widthM: 0.2, heightM: 0.05 } as const;
const shelf = (temperatureC: number): Segment[] => [
  { untilS: Infinity, rest: { temperatureC, h: 8 }, faces: { bottom: { temperatureC, h: 6 } } },
];
const TRAYS = [
  { name: 'hot tray', startC: 85, segments: shelf(3.5) },
  { name: 'frozen tray', startC: -18, segments: shelf(4) },
];

/** The best time of each run, ms. They take turns, so that a busy machine slows them alike. */
function bestMs(...runs: (() => void)[]): number[] {
  const best = runs.map(() => Infinity);
  for (let round = 0; round <= ROUNDS; round++) {
    runs.forEach((run, i) => {
      const from = performance.now();
      run();
      // The first round only warms up.
      if (round > 0) best[i] = Math.min(best[i]!, performance.now() - from);
    });
  }
  return best;
}

/** The same equations in the hands of the integrators, without drawing, until the end of the day. */
function race({ startC, segments }: (typeof TRAYS)[number]) {
  const grid = gridOf(shape, segments, 'usual', false, startC < material.freezingPointC);
  const body = new Body(material, grid, false, null);
  body.enter(segments[0]!);
  const start = body.uniform(startC);
  const ours = (): Float64Array => {
    const stepper = new ChebyshevStepper(body, start.slice());
    for (let t = 0; t < DAY_S;) t += stepper.step(DAY_S - t);
    return stepper.y;
  };
  const general = (tolerance: number): number[] => {
    const solver = new Solver(body.size);
    solver.absoluteTolerance = tolerance;
    solver.relativeTolerance = 1e-12;
    solver.maxSteps = 1e6;
    const [y, out] = [new Float64Array(body.size), new Float64Array(body.size)];
    const derivative = (_t: number, state: number[]) => {
      y.set(state);
      body.derivative(y, out);
      return Array.from(out);
    };
    return solver.solve(derivative, 0, Array.from(start), DAY_S).y;
  };
  const exact = general(1e-3);
  const worst = (y: ArrayLike<number>) =>
    Math.max(...Array.from({ length: grid.cells }, (_, i) => Math.abs(y[i]! - exact[i]!)));
  const allowed = worst(ours());
  // The loosest tolerance with which the general package is as good.
  const tolerance =
    [3000, 1000, 300, 100, 30, 10, 3, 1, 0.1].find((t) => worst(general(t)) <= allowed) ?? 0.01;
  const [oursMs, generalMs] = bestMs(ours, () => void general(tolerance));
  const reference = inC(body, segments[0]!, start, DAY_S);
  const inCMs = reference && {
    pair: looselyMs(reference, 'pair', worst, allowed),
    chebyshev: looselyMs(reference, 'chebyshev', worst, allowed),
  };
  reference?.close();
  return { ours: oursMs!, general: generalMs!, allowed, inCMs };
}

const TOLERANCES = [30000, 10000, 3000, 1000, 300, 100, 60, 30, 10, 3, 1, 0.1, 0.01];

/** How long the reference takes with the loosest tolerance with which it is as good, ms. */
function looselyMs(
  { solve }: Reference,
  method: Method,
  worst: (y: ArrayLike<number>) => number,
  allowed: number,
): number {
  for (const tolerance of TOLERANCES) {
    const { ms, y } = solve(method, tolerance);
    if (worst(y) <= allowed) return ms;
  }
  return Infinity;
}

/** Speed and discretisation error of a 3-D tray over a day, and the ratio to a general-purpose package. */
export async function conduction(): Promise<string[]> {
  return TRAYS.flatMap((tray) => {
    const run = (resolution: 'usual' | 'fine') =>
      forecast({ material, shape, startC: tray.startC, segments: tray.segments, untilS: DAY_S, resolution });
    const [usual, fine] = [run('usual'), run('fine')];
    const apart = (of: 'coreC' | 'meanC') =>
      Math.max(
        ...Array.from({ length: 96 }, (_, i) => (i + 1) * 900).map((s) =>
          Math.abs(valueAt(usual.timeS, usual[of], s) - valueAt(fine.timeS, fine[of], s)),
        ),
      );
    const { ours, general, allowed, inCMs } = race(tray);
    const wholeMs = bestMs(() => void run('usual'))[0]!;
    return [
      `${tray.name}: forecast ${wholeMs.toFixed(0)} ms; against a grid twice as fine core ${apart('coreC').toFixed(2)} K, mean ${apart('meanC').toFixed(2)} K`,
      `${tray.name}: same equations, same error (${allowed.toFixed(1)} J/kg): ${ours.toFixed(1)} ms against ${general.toFixed(0)} ms, ratio ${(general / ours).toFixed(1)}`,
      inCMs
        ? `${tray.name}: the same in C ${inCMs.pair.toFixed(1)} ms by a general pair: whole forecast ${(wholeMs / inCMs.pair).toFixed(2)} (at most 1.2), steps alone ${(ours / inCMs.pair).toFixed(2)} (at most 0.9); by this very method in C ${inCMs.chebyshev.toFixed(1)} ms: steps ${(ours / inCMs.chebyshev).toFixed(1)}`
        : `${tray.name}: no compiler here, so nothing to hold it against in C`,
    ];
  });
}
