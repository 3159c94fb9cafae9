import fc from 'fast-check';
import { KitchenProblem, percentOf, saltFor } from '.';

it.each([
  ['a joint of 2 kg in 2 l, 1.5 %', 2, 2, 1.5, 60],
  ['a bird of 5 kg salted dry, 1 %', 5, 0, 1, 50],
  ['chops of 800 g in 1.2 l, 5 %', 0.8, 1.2, 5, 100],
])('%s', (_, foodKg, waterKg, percent, grams) =>
  expect(saltFor({ foodKg, waterKg }, percent) * 1000).toBeCloseTo(grams, 9),
);

it('salt gives back its strength, and more of anything is never less salt', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 50, noNaN: true }),
      fc.double({ min: 0, max: 50, noNaN: true }),
      fc.double({ min: 0.1, max: 9, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (foodKg, waterKg, percent, more) => {
        const salt = saltFor({ foodKg, waterKg }, percent);
        expect(percentOf({ foodKg, waterKg }, salt)).toBeCloseTo(percent, 9);
        expect(saltFor({ foodKg: foodKg + more, waterKg }, percent)).toBeGreaterThanOrEqual(salt);
        expect(saltFor({ foodKg, waterKg: waterKg + more }, percent)).toBeGreaterThanOrEqual(salt);
        expect(saltFor({ foodKg, waterKg }, percent + more)).toBeGreaterThanOrEqual(salt);
      },
    ),
  ));

it.each([
  [0, 1, 1],
  [-1, 1, 1],
  [1, -1, 1],
  [1, 1, 0],
  [1, 1, 25],
  [NaN, 1, 1],
  [1, NaN, 1],
])('%d kg in %d l at %d % is refused', (foodKg, waterKg, percent) =>
  expect(() => saltFor({ foodKg, waterKg }, percent)).toThrow(KitchenProblem),
);
