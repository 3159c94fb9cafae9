import { catalogue, foodById } from '../foods';
import { heatBetween, iceFraction, microwaveThawMs } from '.';

describe('enthalpy from composition', () => {
  it('lean meat from −18 to 0 °C takes about 250 kJ/kg', () => {
    const { composition, freezingPointC } = foodById('chicken-breast-boneless');
    expect(heatBetween(composition, freezingPointC, -18, 0) / 1000).toBeGreaterThan(235);
    expect(heatBetween(composition, freezingPointC, -18, 0) / 1000).toBeLessThan(275);
  });

  it('adds up over parts of the way', () => {
    const { composition, freezingPointC } = foodById('trout-side');
    const whole = heatBetween(composition, freezingPointC, -18, 60);
    const parts =
      heatBetween(composition, freezingPointC, -18, freezingPointC) +
      heatBetween(composition, freezingPointC, freezingPointC, 60);
    expect(parts / whole).toBeCloseTo(1, 3);
  });

  it.each(catalogue.map((food) => [food.name, food]))(
    '%s: ice melts with warmth and is gone at its freezing point',
    (_name, food) => {
      const ice = [-30, -18, -5, food.freezingPointC].map((t) =>
        iceFraction(food.composition, food.freezingPointC, t),
      );
      for (let i = 1; i < ice.length; i++) expect(ice[i]!).toBeLessThanOrEqual(ice[i - 1]!);
      expect(ice.at(-1)).toBe(0);
    },
  );
});

describe('thawing by microwave', () => {
  it('is proportional to the weight and inverse to the power', () => {
    const food = foodById('ground-beef');
    const one = microwaveThawMs(food, 0.5, -18);
    expect(microwaveThawMs(food, 1, -18)).toBeCloseTo(2 * one, 3);
    expect(microwaveThawMs(food, 0.5, -18, { powerW: 1600, duty: 0.3, efficiency: 0.6 })).toBeCloseTo(
      one / 2,
      3,
    );
  });
});
