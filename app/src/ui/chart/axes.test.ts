import { evenly, stepAt, STEPS } from './axes';

describe('a curve at even steps', () => {
  it('lies on the curve, and ends where it ends', () => {
    const line = { at: [0, 10, 60], value: [100, 50, 0] };
    const values = evenly(line, { from: 0, to: 120 });
    expect(values).toHaveLength(31);
    expect(values[0]).toBe(100);
    expect(values[5]).toBe(50);
    expect(values[30]).toBe(0);
    expect(values[1]).toBeCloseTo(90);
  });

  it('is whole where the curve goes on beyond it, jumps included', () => {
    const values = evenly({ at: [0, 50, 50, 500], value: [1, 1, 7, 7] }, { from: 0, to: 100 });
    expect(values).toHaveLength(STEPS + 1);
    expect(new Set(values.map((value) => Math.round(value)))).toEqual(new Set([1, 7]));
  });

  it('is empty where there is none, and one value where there is one', () => {
    expect(evenly({ at: [], value: [] }, { from: 0, to: 1 })).toEqual([]);
    expect(evenly({ at: [0], value: [4] }, { from: 0, to: 60 })).toEqual([4]);
  });
});

it('a finger beyond either edge reads the edge', () => {
  expect([-0.2, 0, 0.5, 1, 1.4].map(stepAt)).toEqual([0, 0, STEPS / 2, STEPS, STEPS]);
});
