import fc from 'fast-check';
import { chainRules, codeRules, homeRules } from '../guidance';
import { MINUTE_MS, toKilograms } from '../units';
import { KitchenProblem, waterThaw } from '.';

const lb = (value: number) => toKilograms({ value, unit: 'lb' });

it.each([
  // form, lb → slow end in minutes, changes
  ['wholeBird' as const, 12, 360, 11],
  ['flatPack' as const, 1, 60, 1],
  ['steak' as const, 3, 135, 4],
  ['wholeBird' as const, 4.5, 135, 4],
])('a %s of %d lb', (form, pounds, minutes, changes) => {
  const found = waterThaw(lb(pounds), form, homeRules);
  expect(found.time.slowMs / MINUTE_MS).toBe(minutes);
  expect(found.changes).toBe(changes);
  expect(found.allowed).toBe(true);
  expect(found.sinkLitres).toBeCloseTo(found.fillLitres + lb(pounds), 9);
});

it('runs where a school wants running water, and no longer than it says', () => {
  expect(waterThaw(lb(4), 'wholeBird', codeRules)).toMatchObject({ changes: null, allowed: true });
  expect(waterThaw(lb(20), 'wholeBird', codeRules).allowed).toBe(false);
  expect(waterThaw(1, 'wholeBird', chainRules)).toMatchObject({ changes: null, allowed: true });
  expect(waterThaw(3, 'wholeBird', chainRules).allowed).toBe(false);
});

const masses = fc.double({ min: 0.05, max: 20, noNaN: true });
it('takes no less time, water or room for more', () =>
  fc.assert(
    fc.property(masses, masses, (one, other) => {
      const [light, heavy] = [Math.min(one, other), Math.max(one, other)].map((kg) =>
        waterThaw(kg, 'wholeBird', homeRules),
      );
      expect(heavy!.time.slowMs).toBeGreaterThanOrEqual(light!.time.slowMs);
      expect(heavy!.changes!).toBeGreaterThanOrEqual(light!.changes!);
      // All fills together hold the heat that thaws it: at least a litre a kilogram, and some six in all.
      expect(heavy!.fillLitres * (heavy!.changes! + 1)).toBeGreaterThanOrEqual(6 * Math.max(one, other));
    }),
  ));

it.each([0, -1, 30, NaN])('%d kg are refused', (kg) =>
  expect(() => waterThaw(kg, 'wholeBird', homeRules)).toThrow(KitchenProblem),
);
