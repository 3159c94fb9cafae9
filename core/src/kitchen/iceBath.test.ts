import fc from 'fast-check';
import { cooledTo, iceFor, KitchenProblem } from '.';

// Reckoned by hand: 4.186·(4·39 + 4·(−6)) / (333.6 + 4.186·21), and so on.
it.each([
  [
    '4 kg of soup from 60 to 21 °C in 4 l of tap water',
    { foodKg: 4, fromC: 60, waterKg: 4, waterC: 15 },
    21,
    1.31,
  ],
  ['the same to 5 °C', { foodKg: 4, fromC: 60, waterKg: 4, waterC: 15 }, 5, 3.07],
  ['2 kg of sauce from 90 to 5 °C in ice alone', { foodKg: 2, fromC: 90, waterKg: 0, waterC: 15 }, 5, 2.007],
  ['a cup in a sink of cold water wants none', { foodKg: 0.25, fromC: 60, waterKg: 20, waterC: 8 }, 21, 0],
])('%s', (_, bath, toC, kg) => {
  const { meltsKg, haveKg } = iceFor(bath, toC);
  expect(meltsKg).toBeCloseTo(kg, 2);
  expect(haveKg).toBeCloseTo(1.5 * meltsKg, 9);
});

const some = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const baths = fc.record({
  foodKg: some(0.1, 30),
  fromC: some(30, 100),
  waterKg: some(0, 30),
  waterC: some(0, 30),
});

it('ice gives back how cold it makes it, and colder, warmer or more wants no less', () =>
  fc.assert(
    fc.property(baths, some(1, 29), some(0, 5), (bath, toC, more) => {
      const { meltsKg } = iceFor(bath, toC);
      if (meltsKg > 0) expect(cooledTo(bath, meltsKg)).toBeCloseTo(toC, 6);
      else expect(cooledTo(bath, 0)).toBeLessThanOrEqual(toC + 1e-9);
      expect(iceFor({ ...bath, foodKg: bath.foodKg + more }, toC).meltsKg).toBeGreaterThanOrEqual(meltsKg);
      expect(iceFor({ ...bath, waterC: bath.waterC + more }, toC).meltsKg).toBeGreaterThanOrEqual(meltsKg);
      if (toC + more < bath.fromC) expect(iceFor(bath, toC + more).meltsKg).toBeLessThanOrEqual(meltsKg);
    }),
  ));

it('some ice that is left keeps it at nothing', () =>
  expect(cooledTo({ foodKg: 1, fromC: 20, waterKg: 1, waterC: 10 }, 50)).toBe(0));

it.each([
  [{ foodKg: 0, fromC: 60, waterKg: 1, waterC: 10 }, 5],
  [{ foodKg: 1, fromC: 160, waterKg: 1, waterC: 10 }, 5],
  [{ foodKg: 1, fromC: 60, waterKg: -1, waterC: 10 }, 5],
  [{ foodKg: 1, fromC: 60, waterKg: 1, waterC: 90 }, 5],
  [{ foodKg: 1, fromC: 60, waterKg: 1, waterC: 10 }, 60],
  [{ foodKg: 1, fromC: 60, waterKg: 1, waterC: 10 }, -5],
  [{ foodKg: NaN, fromC: 60, waterKg: 1, waterC: 10 }, 5],
])('%j to %d °C is refused', (bath, toC) => expect(() => iceFor(bath, toC)).toThrow(KitchenProblem));
