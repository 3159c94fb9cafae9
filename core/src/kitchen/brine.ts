import { someMass, someWater, within } from './problem';

/** Meat, fish or vegetables to be salted, kg; in water, or dry where there is none. */
export interface Brine {
  readonly foodKg: number;
  readonly waterKg: number;
}

/** Stronger is a cure that is to keep food, which this is no help with. */
export const STRONGEST_BRINE = 10;
const HEAVIEST_KG = 100;

/**
 * How much salt brings food and water to one strength, kg: by weight of both, so that the food can lie in it as long as it is
 * kept and grows no saltier than that. Salt = % × (food + water).
 *
 * @param percent of the weight of food and water
 * @throws KitchenProblem
 * @example saltFor({ foodKg: 2, waterKg: 2 }, 1.5) // 0.06
 */
export function saltFor(brine: Brine, percent: number): number {
  within(percent, 0, STRONGEST_BRINE, `More than 0, and at most ${STRONGEST_BRINE} %.`, 'percent');
  return (percent / 100) * weightOf(brine);
}

/**
 * How strong so much salt is: the other way about.
 *
 * @param saltKg kg
 * @returns per cent of the weight of food and water
 * @throws KitchenProblem
 */
export const percentOf = (brine: Brine, saltKg: number): number => (saltKg / weightOf(brine)) * 100;

function weightOf({ foodKg, waterKg }: Brine): number {
  someMass(foodKg, HEAVIEST_KG, 'food');
  someWater(waterKg, HEAVIEST_KG);
  return foodKg + waterKg;
}
