import { formatMass, formatMostVolume, formatTemperature, type UnitSystem } from '../units';

/** A sentence for the cook; one with a quantity in it is written in the kitchen's units. */
export type Says = string | ((units: UnitSystem) => string);

/** What an instrument is asked cannot be. It is for the cook, at the field it is about. */
export class KitchenProblem extends Error {
  constructor(
    private readonly says: Says,
    readonly of?: string,
  ) {
    super(typeof says === 'string' ? says : says({ temperature: 'C', mass: 'metric' }));
  }

  /** The sentence as it is told in a kitchen of these units. */
  in(units: UnitSystem): string {
    return typeof this.says === 'string' ? this.says : this.says(units);
  }
}

/** @throws KitchenProblem unless it is a number above the one bound, and at most the other */
export function within(value: number, above: number, most: number, says: Says, of?: string): void {
  if (!(value > above && value <= most)) throw new KitchenProblem(says, of);
}

/** @throws KitchenProblem unless it is a weight of something, and at most the other, kg */
export function someMass(massKg: number, mostKg: number, of: string): void {
  within(massKg, 0, mostKg, (units) => `More than nothing, and at most ${formatMass(mostKg, units)}.`, of);
}

/** @throws KitchenProblem unless it is as much water or none, kg; a litre weighs one */
export function someWater(waterKg: number, mostKg: number): void {
  if (waterKg !== 0)
    within(waterKg, 0, mostKg, (units) => `At most ${formatMostVolume(mostKg, units)} of water.`, 'water');
}

/** “From 50 to 300 °C.”, of what may be typed there, °C. */
export const fromTo =
  (leastC: number, mostC: number) =>
  (units: UnitSystem): string => {
    const [least, most] = [leastC, mostC].map((value) => formatTemperature({ value, unit: 'C' }, units));
    return `From ${least!.split(' ')[0]} to ${most}.`;
  };
