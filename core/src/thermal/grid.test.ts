import fc from 'fast-check';
import { halfAxis, radialAxis, wallAxis, wholeAxis, type Axis } from './axis';
import { ChebyshevStepper, type DiffusiveSystem } from './chebyshev';
import type { Segment } from './environment';
import { gridOf } from './grid';
import { compressorRuns, untilThermostatTurns, USUAL_REFRIGERATOR } from './refrigerator';
import { volumeOf, type Shape } from './shapes';

const sum = (values: ArrayLike<number>) => Array.from(values).reduce((a, b) => a + b, 0);
const even: Segment[] = [{ untilS: Infinity, rest: { temperatureC: 4, h: 8 } }];
const uneven: Segment[] = [
  { untilS: Infinity, rest: { temperatureC: 4, h: 8 }, faces: { bottom: { temperatureC: 4, h: 3 } } },
];
const shapes: Shape[] = [
  { kind: 'slab', thicknessM: 0.05 },
  { kind: 'cylinder', diameterM: 0.1 },
  { kind: 'sphere', diameterM: 0.12 },
  { kind: 'shell', hollowM: 0.04, wallM: 0.05 },
  { kind: 'finiteCylinder', diameterM: 0.2, heightM: 0.1 },
  { kind: 'brick', lengthM: 0.3, widthM: 0.2, heightM: 0.05 },
];

describe('axes', () => {
  it('hold their whole length, area and volume, finer at a face', () => {
    const size = fc.double({ min: 0.005, max: 0.5, noNaN: true });
    const share = fc.double({ min: 0.03, max: 1, noNaN: true });
    fc.assert(
      fc.property(size, fc.integer({ min: 3, max: 60 }), share, (length, cells, endShare) => {
        const cut = { cells, endShare };
        const whole = wholeAxis(length, cut, 'bottom', 'top');
        expect(sum(whole.volume)).toBeCloseTo(length, 9);
        const half = halfAxis(length, cut, 'top', 'bottom');
        expect(sum(half.volume)).toBeCloseTo(length / 2, 9);
        expect(sum(radialAxis(length, cut, 'cylinder').volume)).toBeCloseTo((length / 2) ** 2 / 2, 9);
        expect(sum(radialAxis(length, cut, 'sphere').volume)).toBeCloseTo((length / 2) ** 3 / 3, 9);
        expect(sum(wallAxis(0.02, length, cut).volume)).toBeCloseTo(
          ((0.02 + length) ** 3 - 0.02 ** 3) / 3,
          9,
        );
        // A cell has a breadth: the share is met as closely as the slope changes little across the last.
        const edges = halfAxis(length, { cells: 600, endShare }, 'top', 'bottom');
        expect((edges.volume.at(-1)! * 600) / (length / 2) / endShare).toBeCloseTo(1, 1);
        const rises = (axis: Axis) => axis.centre.every((x, i) => i === 0 || x > axis.centre[i - 1]!);
        expect(rises(whole)).toBe(true);
        const middle = whole.volume[Math.floor(cells / 2)]!;
        expect(whole.volume[0]!).toBeLessThanOrEqual(middle + 1e-12);
      }),
    );
  });
});

describe('grids', () => {
  it.each(shapes.map((shape) => [shape.kind, shape] as const))(
    '%s: cells fill the body, faces cover it',
    (_kind, shape) => {
      for (const segments of [even, uneven])
        for (const front of [false, true]) {
          const grid = gridOf(shape, segments, 'usual', false, front);
          expect(sum(grid.volume)).toBeCloseTo(volumeOf(shape), 9);
          for (const end of grid.ends) expect(end.cells.length).toBe(end.areaM2.length);
        }
    },
  );

  it('know the surface of a brick and of a tin', () => {
    const area = (shape: Shape, segments: Segment[]) =>
      gridOf(shape, segments, 'usual', false, false).ends.reduce(
        (total, { areaM2 }) => total + sum(areaM2),
        0,
      );
    for (const segments of [even, uneven]) {
      expect(area(shapes[5]!, segments)).toBeCloseTo(2 * (0.3 * 0.2 + 0.3 * 0.05 + 0.2 * 0.05), 9);
      expect(area(shapes[4]!, segments)).toBeCloseTo(Math.PI * 0.2 * 0.1 + (2 * Math.PI * 0.2 ** 2) / 4, 9);
    }
  });

  it('are halved only where both faces meet the same', () => {
    const brick = shapes[5]!;
    expect(gridOf(brick, even, 'usual', false, true).cells).toBeLessThan(
      gridOf(brick, uneven, 'usual', false, true).cells,
    );
    expect(gridOf(brick, even, 'usual', true, true).cells).toBe(1);
  });

  it('cut a long thin body at its ends as finely as across it, or nearly', () => {
    const ends = (shape: Shape) =>
      gridOf(shape, even, 'usual', false, true).axes.map(({ high }) => 2 * high.halfM);
    for (const shape of [
      { kind: 'brick', lengthM: 0.6, widthM: 0.2, heightM: 0.03 },
      { kind: 'finiteCylinder', diameterM: 0.05, heightM: 0.4 },
      { kind: 'finiteCylinder', diameterM: 0.3, heightM: 0.03 },
    ] as const) {
      const each = ends(shape);
      expect(Math.max(...each)).toBeLessThan(2.2 * Math.min(...each));
      expect(Math.max(...each)).toBeLessThan(0.004);
    }
  });
});

describe('the stepper', () => {
  /** dy/dt = −λ y, one λ for each component. */
  const decay = (rates: number[], tolerance: number): DiffusiveSystem => ({
    size: rates.length,
    tolerance: new Float64Array(rates.length).fill(tolerance),
    derivative: (y, out) => rates.forEach((rate, i) => (out[i] = -rate * y[i]!)),
    spectralRadius: () => Math.max(...rates),
  });

  it('follows decay within its tolerance, however stiff', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        (slow, stiff) => {
          const stepper = new ChebyshevStepper(decay([slow, slow * stiff], 1e-4), Float64Array.of(1, 1));
          for (let t = 0; t < 1 - 1e-12;) t += stepper.step(1 - t);
          expect(stepper.y[0]!).toBeCloseTo(Math.exp(-slow), 2);
          expect(Math.abs(stepper.y[1]!)).toBeLessThan(1.2);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('is second order: a tolerance a thousandth as large leaves an error a hundredth as large', () => {
    const errorAt = (tolerance: number) => {
      const stepper = new ChebyshevStepper(decay([1, 3], tolerance), Float64Array.of(1, 1));
      for (let t = 0; t < 1 - 1e-12;) t += stepper.step(1 - t);
      return Math.abs(stepper.y[0]! - Math.exp(-1));
    };
    expect(errorAt(1e-6)).toBeLessThan(errorAt(1e-3) / 20);
  });

  it('tells the state inside a step', () => {
    const stepper = new ChebyshevStepper(decay([1], 1e-6), Float64Array.of(1));
    const taken = stepper.step(0.05);
    const out = new Float64Array(1);
    stepper.within(0.5, taken, out);
    expect(out[0]!).toBeCloseTo(Math.exp(-taken / 2), 6);
    stepper.within(1, taken, out);
    expect(out[0]!).toBe(stepper.y[0]!);
  });
});

describe('the thermostat', () => {
  const { setC, hysteresisK } = USUAL_REFRIGERATOR;
  it('starts above, stops below, and stays as it is between', () => {
    expect(compressorRuns(USUAL_REFRIGERATOR, setC + hysteresisK, false)).toBe(true);
    expect(compressorRuns(USUAL_REFRIGERATOR, setC - hysteresisK, true)).toBe(false);
    expect([true, false].map((running) => compressorRuns(USUAL_REFRIGERATOR, setC, running))).toEqual([
      true,
      false,
    ]);
  });

  it('is not stepped over', () => {
    expect(untilThermostatTurns(USUAL_REFRIGERATOR, setC, 0.001, false)).toBeCloseTo(
      1.02 * hysteresisK * 1000,
      6,
    );
    expect(untilThermostatTurns(USUAL_REFRIGERATOR, setC, -0.001, true)).toBeCloseTo(
      1.02 * hysteresisK * 1000,
      6,
    );
    expect(untilThermostatTurns(USUAL_REFRIGERATOR, setC, -0.001, false)).toBe(Infinity);
    expect(untilThermostatTurns(USUAL_REFRIGERATOR, setC + hysteresisK, 1, false)).toBe(5);
  });
});
