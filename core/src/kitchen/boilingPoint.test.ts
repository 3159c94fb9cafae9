import fc from 'fast-check';
import { boilingAt, KitchenProblem } from '.';

it.each([
  [{ altitudeM: 0 }, 100],
  [{ altitudeM: 1600 }, 94.7],
  [{ altitudeM: 3000 }, 90],
  [{ pressurePa: 101_325 }, 100],
  [{ pressurePa: 70_000 }, 89.9],
])('%j', (place, c) => expect(boilingAt(place)).toBeCloseTo(c, 0));

it('higher up, and at a lower pressure, it boils no hotter', () =>
  fc.assert(
    fc.property(
      fc.double({ min: -400, max: 5000, noNaN: true }),
      fc.double({ min: 0, max: 400, noNaN: true }),
      (m, more) => {
        expect(boilingAt({ altitudeM: m + more })).toBeLessThanOrEqual(boilingAt({ altitudeM: m }));
        expect(boilingAt({ pressurePa: 60_000 + m })).toBeLessThanOrEqual(
          boilingAt({ pressurePa: 60_000 + m + more }),
        );
      },
    ),
  ));

it.each([{ altitudeM: 9000 }, { altitudeM: NaN }, { pressurePa: 0 }])('nobody cooks at %j', (place) =>
  expect(() => boilingAt(place)).toThrow(KitchenProblem),
);
