import fc from 'fast-check';
import { fieldPath, pathOf, scaleOf, windowOf } from './scale';

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
  it('keeps the whole line and the growth band inside the frame', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -30, max: 250, noNaN: true }), { minLength: 1 }),
        (temperatures) => {
          const { x, y } = scaleOf(windowOf(sketchOf(temperatures)), band, frame);
          for (const t of [...temperatures, band.low, band.high]) {
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
