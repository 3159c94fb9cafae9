import fc from 'fast-check';
import { fieldPath, pathOf, scaleOf, ticksOf, windowOf } from './scale';

const frame = { width: 340, height: 210, left: 48, top: 8, bottom: 40 };
const band = { low: 4.4, high: 60 };
const sketchOf = (temperatures: number[]) => ({
  from: 0,
  to: 1000,
  readings: [],
  line: temperatures.map((temperatureC, i) => ({
    at: (i * 1000) / Math.max(1, temperatures.length - 1),
    temperatureC,
  })),
});

describe('the scale of a trail', () => {
  it('keeps the whole line, and of the growth band what it came to, inside the frame', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -30, max: 250, noNaN: true }), { minLength: 1 }),
        (temperatures) => {
          const { x, y } = scaleOf(windowOf(sketchOf(temperatures)), band, frame);
          const warmed = temperatures.some((t) => t > band.low);
          for (const t of [...temperatures, band.low, ...(warmed ? [band.high] : [])]) {
            expect(y(t)).toBeGreaterThanOrEqual(frame.top - 1e-6);
            expect(y(t)).toBeLessThanOrEqual(frame.height - frame.bottom + 1e-6);
          }
          expect([x(0), x(1000)]).toEqual([frame.left, frame.width]);
        },
      ),
    );
  });

  it('draws warmer higher, and only what lies in the time shown', () => {
    const sketch = { ...sketchOf([80, 60, 40, 20]), from: 500 };
    const scale = scaleOf(windowOf(sketch), band, frame);
    expect(scale.y(60)).toBeLessThan(scale.y(20));
    // One point before the window keeps the line whole at its edge.
    expect(pathOf(sketch, scale).match(/[ML]/g)).toHaveLength(3);
    expect(pathOf(sketch, scale)).toMatch(/^M48 /);
  });

  it('closes the field between two curves', () => {
    const scale = scaleOf({ from: 0, to: 10, temperaturesC: [0, 80] }, band, frame);
    const path = fieldPath(
      { at: [0, 10], temperatureC: [80, 20] },
      { at: [0, 10], temperatureC: [80, 40] },
      scale,
    );
    expect(path.match(/M/g)).toHaveLength(1);
    expect(path.match(/L/g)).toHaveLength(3);
    expect(path.endsWith('Z')).toBe(true);
  });
});

describe('the ticks of the time axis', () => {
  const MINUTE = 60_000;
  const window = fc
    .tuple(fc.integer({ min: 0, max: 2e12 }), fc.integer({ min: 20 * MINUTE, max: 60 * 1440 * MINUTE }))
    .map(([from, length]) => ({ from, to: from + length }));

  it('are round, inside the window, at least one and at most four', () =>
    fc.assert(
      fc.property(window, ({ from, to }) => {
        const ticks = ticksOf({ from, to }, 0, MINUTE);
        expect(ticks.length).toBeGreaterThanOrEqual(1);
        expect(ticks.length).toBeLessThanOrEqual(4);
        for (const at of ticks) {
          expect(at % (5 * MINUTE)).toBe(0);
          expect(at).toBeGreaterThanOrEqual(from);
          expect(at).toBeLessThanOrEqual(to);
        }
      }),
    ));

  it('stand at whole hours of an evening, whenever it is drawn from', () =>
    expect(ticksOf({ from: 17 * 60 + 43, to: 20 * 60 + 10 }, 0, 1)).toEqual([18 * 60, 19 * 60, 20 * 60]));
});

it('gives food that lies quietly in the cold most of the drawing, and shows where the growth band begins above it', () => {
  const { y } = scaleOf(windowOf(sketchOf([-18, -18, 2])), band, frame);
  const height = frame.height - frame.top - frame.bottom;
  expect(y(-18) - y(band.low)).toBeGreaterThan(height / 2);
  expect(y(band.low)).toBeGreaterThan(frame.top + height / 8);
});
