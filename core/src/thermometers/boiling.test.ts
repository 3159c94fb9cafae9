import { boilingPointC, HIGHEST_M, LOWEST_M, pressureAt } from '.';

it.each([
  // By IAPWS-IF97.
  [101_325, 99.974],
  [100_000, 99.606],
  [83_523, 94.65],
  [70_000, 89.932],
  [50_000, 81.317],
])('at %d Pa water boils at %d °C', (pressure, expected) => {
  expect(Math.abs(boilingPointC(pressure) - expected)).toBeLessThan(0.1);
});

it('boils at 94.7 to 94.8 °C at 1600 m, at 100 by the sea, and the cooler the higher', () => {
  const at = (metres: number) => boilingPointC(pressureAt(metres));
  expect(at(1600)).toBeGreaterThanOrEqual(94.65);
  expect(at(1600)).toBeLessThanOrEqual(94.85);
  expect(at(0)).toBeCloseTo(100, 1);
  for (let metres = LOWEST_M; metres + 50 <= HIGHEST_M; metres += 50)
    expect(at(metres + 50)).toBeLessThan(at(metres));
});

it.each([NaN, -431, 5501, Infinity])('refuses %d m', (metres) => {
  expect(() => pressureAt(metres)).toThrow(RangeError);
});

it.each([NaN, 0, 47_999, 108_501])('refuses %d Pa', (pressure) => {
  expect(() => boilingPointC(pressure)).toThrow(RangeError);
});
