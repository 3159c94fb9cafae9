import fc from 'fast-check';
import { homeRules } from '../guidance';
import { celsius, fahrenheit, toFahrenheit } from '../units';
import { gasMarks, hotEnoughForMeat, KitchenProblem, ovenSetting } from '.';

it.each([
  [celsius(180), false, 180, 160, '4'],
  [fahrenheit(350), false, 176.7, 156.7, '4'],
  [celsius(160), true, 180, 160, '4'],
  [fahrenheit(425), false, 218.3, 198.3, '7'],
  [celsius(220), false, 220, 200, '7'],
  [{ mark: '3' } as const, false, 162.8, 142.8, '3'],
  [{ mark: '¼' } as const, false, 107.2, 87.2, '¼'],
  [celsius(60), false, 60, 40, null],
  [celsius(290), false, 290, 270, null],
])('%j on other ovens', (dial, fan, stillC, fanC, mark) => {
  const found = ovenSetting(dial, fan);
  expect([found.stillC, found.fanC].map((c) => Math.round(c * 10) / 10)).toEqual([stillC, fanC]);
  expect(found.mark).toBe(mark);
});

it('a mark gives back itself through degrees, and they rise with it', () => {
  const heats = gasMarks.map((mark) => ovenSetting({ mark }, false).stillC);
  expect(heats.map((c) => ovenSetting(celsius(c), false).mark)).toEqual(gasMarks);
  expect(heats.every((c, i) => i === 0 || c > heats[i - 1]!)).toBe(true);
});

it('what the one oven is set to is the same from the other, in either unit', () =>
  fc.assert(
    fc.property(fc.double({ min: 70, max: 280, noNaN: true }), (c) => {
      const still = ovenSetting(celsius(c), false);
      expect(ovenSetting(celsius(still.fanC), true).stillC).toBeCloseTo(c, 9);
      expect(ovenSetting(fahrenheit(toFahrenheit(celsius(c))), false).fanC).toBeCloseTo(still.fanC, 9);
    }),
  ));

it('meat roasts at what the rule says on the dial, to the degree, with a fan too', () => {
  expect(hotEnoughForMeat(fahrenheit(325), homeRules)).toBe(true);
  expect(hotEnoughForMeat(fahrenheit(324), homeRules)).toBe(false);
  expect(hotEnoughForMeat(celsius(162), homeRules)).toBe(false);
  expect(hotEnoughForMeat(celsius(163), homeRules)).toBe(true);
  expect(hotEnoughForMeat({ mark: '3' }, homeRules)).toBe(true);
  expect(hotEnoughForMeat({ mark: '2' }, homeRules)).toBe(false);
});

it.each([celsius(20), celsius(900), celsius(NaN)])('no oven is set to %j', (dial) =>
  expect(() => ovenSetting(dial, false)).toThrow(KitchenProblem),
);
