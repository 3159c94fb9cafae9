import { catalogue, foodById } from '../foods';
import {
  CompositionProblem,
  conductivity,
  density,
  densityOfFood,
  enthalpyAt,
  evaporation,
  FreezingPointProblem,
  iceFraction,
  makeupOf,
  materialOf,
  materialOfFood,
  microwaveThaw,
  USUAL_MICROWAVE,
  saturatedVapour,
  temperatureAt,
} from '.';

const chicken = foodById('chicken-breast-boneless');
const kilojoules = (from: number, to: number, food = chicken) => {
  const material = materialOfFood(food);
  return (enthalpyAt(material, to) - enthalpyAt(material, from)) / 1000;
};

describe('properties from composition', () => {
  it('lean meat from −18 to 0 °C takes about 250 kJ/kg', () => {
    expect(kilojoules(-18, 0)).toBeGreaterThan(235);
    expect(kilojoules(-18, 0)).toBeLessThan(265);
  });

  it('warm lean meat takes about 3.6 kJ for a kilogram and kelvin, and conducts about half a watt', () => {
    expect(kilojoules(10, 60) / 50).toBeCloseTo(3.65, 1);
    const makeup = makeupOf(chicken.composition, chicken.freezingPointC);
    expect(conductivity(makeup, 20)).toBeGreaterThan(0.45);
    expect(conductivity(makeup, 20)).toBeLessThan(0.55);
    expect(conductivity(makeup, -18)).toBeGreaterThan(2 * conductivity(makeup, 20));
    expect(density(makeup, 20)).toBeGreaterThan(1030);
    expect(density(makeup, 20)).toBeLessThan(1080);
  });

  it.each(catalogue.map((food) => [food.name, food]))(
    '%s: ice melts with warmth and is gone at its freezing point; enthalpy goes there and back',
    (_name, food) => {
      const makeup = makeupOf(food.composition, food.freezingPointC);
      const ice = [-30, -18, -5, food.freezingPointC].map((t) => iceFraction(makeup, t));
      for (let i = 1; i < ice.length; i++) expect(ice[i]!).toBeLessThanOrEqual(ice[i - 1]!);
      expect(ice.at(-1)).toBe(0);
      const material = materialOfFood(food);
      expect(densityOfFood(food)).toBe(material.densityKgM3);
      expect(material.temperature[512]).toBeCloseTo(food.freezingPointC, 6);
      for (const t of [-30, -18, -3, food.freezingPointC, 4, 60, 100])
        expect(temperatureAt(material, enthalpyAt(material, t))).toBeCloseTo(t, 6);
      const rises = (table: Float64Array) => table.every((value, i) => i === 0 || value > table[i - 1]!);
      expect([rises(material.temperature), rises(material.potential)]).toEqual([true, true]);
    },
  );

  it('names what is wrong with a composition', () => {
    const { composition } = chicken;
    expect(() => materialOf({ ...composition, water: 10 }, -1)).toThrow(CompositionProblem);
    expect(() => materialOf({ ...composition, fat: -1 }, -1)).toThrow('A part of a food cannot be -1 g.');
    expect(() => materialOf(composition, 0.5)).toThrow(FreezingPointProblem);
  });
});

describe('vapour', () => {
  it('has its known saturation densities', () => {
    expect(saturatedVapour(20)).toBeCloseTo(0.0173, 3);
    expect(saturatedVapour(100)).toBeCloseTo(0.598, 1);
  });

  it('carries off several times the heat of dry air from hot liquid, nothing from covered or cold food', () => {
    expect(evaporation(8, 1, 75, 4)).toBeGreaterThan(2 * 8 * (75 - 4));
    expect(evaporation(8, 0, 75, 4)).toBe(0);
    expect(evaporation(8, 1, 2, 21)).toBe(0);
    expect(evaporation(8, 0.5, 60, 4)).toBeCloseTo(evaporation(8, 1, 60, 4) / 2, 9);
  });
});

describe('thawing by microwave', () => {
  it('is a band, proportional to the weight and inverse to the power', () => {
    const food = foodById('ground-beef');
    const one = microwaveThaw(food, 0.5, -18);
    expect(one.fastMs).toBeLessThan(one.slowMs);
    expect(microwaveThaw(food, 1, -18).slowMs).toBeCloseTo(2 * one.slowMs, 3);
    expect(microwaveThaw(food, 0.5, -18, { ...USUAL_MICROWAVE, powerW: 1600 }).slowMs).toBeCloseTo(
      one.slowMs / 2,
      3,
    );
  });
});
