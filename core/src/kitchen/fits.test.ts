import fc from 'fast-check';
import { catalogue, foodById } from '../foods';
import { heaviestIn, roomFor } from '.';

const bird = roomFor(foodById('turkey-whole'), 'wholeBird');
const soup = roomFor(foodById('lentil-soup'), 'liquid');

it('a turkey of seven kilograms is about two feet long at most, and a litre a kilogram in its pot, a fifth of it free', () => {
  expect(bird.longM!(7)).toBeGreaterThan(0.3);
  expect(bird.longM!(7)).toBeLessThan(0.6);
  expect(soup.potLitres!(4)).toBeCloseTo(4 / 1.03 / 0.8, 0);
  expect(bird.coldLitres(7)).toBe(14);
});

it('what is poured in asks no length, what is fried in a pan no pot', () => {
  expect(soup.longM).toBeNull();
  const steak = roomFor(foodById('beef-steak'), 'steak');
  expect([steak.longM, steak.potLitres]).toEqual([null, null]);
});

const pieces = catalogue.flatMap((food) => food.forms.map((form) => roomFor(food, form)));
const takes = pieces.flatMap(({ longM, potLitres, coldLitres }) =>
  [longM, potLitres, coldLitres].filter((taken) => taken !== null),
);

it('more takes no less room, of every food in every form', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...takes),
      fc.double({ min: 0.05, max: 60, noNaN: true }),
      fc.double({ min: 0, max: 30, noNaN: true }),
      (taken, massKg, more) => expect(taken(massKg + more)).toBeGreaterThanOrEqual(taken(massKg) - 1e-9),
    ),
  );
});

it('the heaviest goes in, and a little more does not', () => {
  fc.assert(
    fc.property(fc.constantFrom(...takes), fc.double({ min: 0, max: 150, noNaN: true }), (taken, room) => {
      const most = heaviestIn(taken, room);
      if (most === Infinity) return expect(taken(100)).toBeLessThanOrEqual(room);
      if (most > 0) expect(taken(most)).toBeLessThanOrEqual(room);
      expect(taken(most + 0.05 + 1e-9)).toBeGreaterThan(room);
    }),
  );
});
