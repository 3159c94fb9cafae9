import fc from 'fast-check';
import { homeRules } from '../guidance';
import { KitchenProblem, massOfRise, oilMark, riseOf } from '.';

const pot = { diameterM: 0.32, heightM: 0.4 };

it('a bird of 5.5 kg in a pot of 32 by 40 cm', () => {
  // 5.5/1050 m³ over π·0.16² m² lifts it 65 mm; 400 − 101.6 − 65.1 mm is left, less an eighth that hot oil swells by.
  const rise = riseOf(5.5, pot);
  expect(rise).toBeCloseTo(0.0651, 4);
  const { markM, oilLitres } = oilMark(pot, rise, homeRules);
  expect(markM).toBeCloseTo(0.2068, 3);
  expect(oilLitres).toBeCloseTo(16.63, 1);
  // Hot, and with the bird in it, the rim is free.
  expect(markM * 1.1279 + rise).toBeLessThanOrEqual(0.4 - 0.1016 + 1e-3);
});

it.each([
  ['2 kg of wings', 2, 0.0237],
  ['a joint of 3 kg', 3, 0.0355],
  ['a bird of 6.5 kg', 6.5, 0.077],
])('%s lift it by %d', (_, kg, rise) => expect(riseOf(kg, pot)).toBeCloseTo(rise, 3));

it('a rise gives back the weight, and a heavier food or a lower pot never a higher mark', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 6, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (kg, more) => {
        expect(massOfRise(riseOf(kg, pot), pot)).toBeCloseTo(kg, 9);
        const mark = (massKg: number, heightM: number) => {
          const of = { ...pot, heightM };
          return oilMark(of, riseOf(massKg, of), homeRules).markM;
        };
        expect(mark(kg + more, 0.4)).toBeLessThanOrEqual(mark(kg, 0.4));
        expect(mark(kg, 0.4 + more / 10)).toBeGreaterThanOrEqual(mark(kg, 0.4));
      },
    ),
  ));

it.each([
  [{ diameterM: 0.2, heightM: 0.2 }, 0.12],
  [{ diameterM: 3, heightM: 0.4 }, 0.02],
  [{ diameterM: 0.3, heightM: 0 }, 0.02],
  [pot, 0],
  [pot, 0.5],
  [pot, NaN],
])('%j with a rise of %d m is refused', (of, rise) =>
  expect(() => oilMark(of, rise, homeRules)).toThrow(KitchenProblem),
);
